/**
 * What has no user of its own: supplies, grounds, buses, parts of relays and motors by their terminal numbers; written as in `engine.ts`.
 * Numbers are DIN 72552 (from memory).
 */
export const SUPPLIES = `
# constant supply
constant supply | battery load module-dead vital | t30 supply; ignition switch b; key switch b; starter switch b; continuous 12v; continuous supply; continuous plus; full time 12v; full time supply; steady plus; steady 12v; b b plus; bb; backup supply; b up; b u; continuous live; continuous feed; live all time; live permanently; constantly live; alive; plus direct; direct plus; plus from battery; kapwr; kap; keep alive power; kapwr feed; 12v auxiliary; back up 12v; backup 12v; back up power; back up supply; positive bus; pos bus; bus bar positive; un switched live; un switched feed; un switched; un switched supply; jump start post; jump start terminal; jump post
# second battery supply
second battery supply | battery load dead | t30a; auxiliary battery; battery number 2; house battery; second battery; house supply; battery 2; service battery; service battery plus; leisure battery; domestic battery; house bplus; second bplus; service bplus; house battery plus; auxiliary bplus; house bank; dual battery; battery two; second bank; service bank; leisure plus; auxiliary bank; habitation battery; hab battery; b2 battery; living area battery; living battery
second battery ground | ground passive dead | t31a; t31c; auxiliary ground; auxiliary battery ground; house ground; house battery minus; auxiliary battery minus; service battery minus; service battery negative; second battery negative; aux battery negative; leisure battery minus
half tap | battery source dead | half pack tap; pack tap; half tap; 18v tap; centre tap; mid pack
# starter battery
starter battery | battery load dead | starter battery; starting battery; engine battery; vehicle battery; cranking battery; starter bplus; engine bplus; starter battery sense; starter battery plus; engine battery plus; engine battery sense; van battery; vehicle bplus; van bplus; car battery; car bplus; truck battery; vehicle battery plus split charge; van battery plus split charge; engine bay battery
# ignition supply
ignition supply | ignition load module-dead vital | t15 supply; ignition plus; key position 2; key position ii; position 2 key; run 12v; run power; power supply ignition; switched positive; contact plus; plus contact; 12v with ignition; 1v with ignition; 12v key; key 12v; d15; power with key; live with ignition; live with key; powered with ignition; ignition switch output; switch output ignition; logic supply key; key switch input; key switch signal; enable key; plus key on; key plus; keyed plus; keyed 12v; keyed feed; keyed supply; keyed power; powered by key; ignition on 12v; ignition 12v; comes on with key; ignition hot; ignition contact; plus with ignition; plus from ignition; plus from ignition lock; plus ignition lock; supply from ignition lock; from ignition lock; supply ignition lock; ignition relay out; ignition relay output; relay fed ignition; contact key feed; key contact; plus switched; positive with ignition; contact feed; logic enable; logic enable key; controller on; controller key; logic key; logic power key; run 12; 12v run; run feed; run live; ecu ignition; ecu ignition feed; ignition feed ecu; switched 12; batt key; battery key in; key batt
# run supply
run supply | run-not-crank load comfort-lost | run only supply
# accessory supply
accessory supply | accessory load comfort-lost | t75 supply; key position 1; key position i; converter out; converter output 12v; 12v converter; 12v converter out; 12v accessories; 12v accessory; term r; terminal r; r terminal; kl r; aux position; aux position feed; position 1 of key; key in position 1; accessory live; klr; accessory contact; plus accessories; key switch acc; key acc; ignition switch acc; switch acc; radio position key; key position one; radio and lighter feed; radio and lighter
# crank signal
crank signal | start load no-start | crank signal; starting push; start push; start button; start pushbutton; flybridge start; second station start; ignition switch s; key switch s; starter switch s; crank sense; ignition start output; ignition start out; key crank output; key crank; start signal from switch; start signal switch; start plus; cranking plus; starting plus; starting contact; starter control; start command; push to start; push start button; push to start button; engage starter; key switch crank position; ignition switch crank position; key crank position; switch crank position; key switch start position
# ground
ground | ground passive module-dead vital | t31 ground; ground strap; earth strap; ground strap head; bonding strap; earth lead; frame bond; case ground; ecu case; control unit case; chassis 0v; 0v chassis; frame 0v; ignition switch g; key switch g; big black; thick black; fat black; black to body; black to chassis; heavy black; earthing; earth post; grounding stud; ground cable; earth cable; ground lead; ground braid; engine strap; ground eyelet; earth eyelet; ring terminal ground; earth ring; earth tag; bolts to body; bolts to block; bolts to engine; bolts to chassis; bolts to bell housing; bolted to bell housing; bolted to body; bolted to engine; bolted to block; bolted to chassis; bolted to frame; ring terminal on block; ring on block; mass; mass gearbox; mass engine; mass body; mass chassis; mass cable; engine mass; body mass; mass motor; signal mass; mass frame; kick panel bolt; panel bolt; chassis bolt; ground bolt; negative bus; bus bar negative; earthing point; bare metal; body metal
switched ground | switched-ground source dead | t31b
# trailer ground
trailer ground | ground passive dead | trailer ground; trailer earth
# sensor return
sensor return | sensor-return source reads-wrong vital | sensor return line; sensor mass; signal mass; mass sensors; proximity minus; sensor 0v; proximity 0v; proximity return
# sensor supply
sensor supply | sensor-supply source reads-wrong vital | sensor supply line; vtref; stabilised 5v; stabilized 5v; regulated 5v; five volts; five volt; analog 5v; 5v analog; 5 volt feed; regulated 5 volt; stable 5v; pot supply; pot high; pot plus; potentiometer reference; ref voltage; proximity supply; proximity switch supply; proximity power; sensor 24v; 5vref1; 5vref2
# can high
can high | can-h both bus-silent vital | canh; can plus; can bus plus
# can low
can low | can-l both bus-silent vital | canl; can minus; can bus minus
# lin bus
lin bus | lin both bus-silent | lin bus
# diagnostic line
diagnostic line | k-line both nothing | k line; test plug k; diagnostic plug k; test terminal; te1; test connector; diagnostic test; diagnosis connector; test plug; diagnostic socket; dlc; service socket k; engine service socket k; diagnosis line k; diagnostic socket k; service plug k; socket k; diagnosis k
diagnostic line l | k-line load nothing | l line
# serial data
j1850 bus plus | other-data both bus-silent | j1850; j1850 bus plus; j1850 plus; pwm bus; vpw bus; vpw
j1850 bus minus | other-data both bus-silent | j1850 minus; j1850 bus minus
flexray plus | other-data both bus-silent | flexray bp; flexray plus; flexray
flexray minus | other-data both bus-silent | flexray bm; flexray minus
serial data | other-data both bus-silent | serial data
ethernet | other-data both bus-silent | ethernet; ethernet tx; ethernet rx
sent signal | other-data load reads-wrong | sent; sent signal; sae j2716
# shield
shield | shield passive noise | shield
# antenna signal
antenna signal | other-data load comfort-lost | antenna input; antenna feeder; antenna coax; coax; gps antenna; antenna signal; antenna socket; television antenna; antenna booster signal
# ballast
ballast output | ignition load no-start | t15a; ballast; ballast resistor
# motor return
motor return | ground passive dead | t32; motor return; motor negative
# motor
motor supply | switched-supply load dead | t33; motor supply; motor main terminal; motor feed
motor park contact | switched-supply load dead | t33a; motor limit switch
motor shunt field | coil load dead | t33b; shunt field; field coil motor; motor field
motor speed 2 | switched-supply load dead | t33f; t33g; t33h
motor anticlockwise | switched-supply load dead | t33l; motor anticlockwise
motor clockwise | switched-supply load dead | t33r; motor clockwise
# switch
switch input | dry-contact load dead | t81; t82; t83; t82z; t82y; switch common; paddle common; paddles common; button common; buttons common; toggle common; digital common; dig common; switches common; rocker common
switch output | dry-contact source dead | t81a; t81b; t82a; t82b; t83a; t83b; t83l; t83r; switch output
# relay
current relay | coil load dead | t84; t84a; t84b; current relay
relay coil feed | coil load dead | t86; relay coil plus; relay coil feed; relay coil positive; t86a; t86b
relay coil ground | coil load dead | t85; relay coil minus; relay coil ground; t85c; t85d; relay coil negative
relay output | switched-supply source dead | t87; relay normally open; t87b; t87c
relay rest output | switched-supply source dead | t87a; relay normally closed; relay rest
relay contact input | switched-supply load dead | t88; t88z; t88y; t88x; t87z; t87y; t87x; relay contact input
relay contact output | switched-supply source dead | t88a; t88b; t88c; contact output
# spare
spare | unknown passive nothing | spare; do not connect; do not use
`;

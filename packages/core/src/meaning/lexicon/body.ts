/**
 * Lighting, dash, body, comfort, chassis, trailer, audio, boats and special vehicles; written as in `engine.ts`. Lamp terminals follow
 * DIN 72552 (from memory); the rest is common practice, no source.
 */
export const BODY = `
# headlamp
main beam | lamp-feed load lamp-off | main beam; high beam; headlamp main; headlamp high; t56a; high beam lamp; main beam lamp; full beam; high beam headlamp; headlamp main beam; headlamp high beam; main filament; driving beam; head high; headlamps main; high relay; road lamp; road beam; long distance lamp; plough lamp high; plough high beam; plough main beam; snow plough main beam
dipped beam | lamp-feed load lamp-off | dip beam; low beam; dip; headlamp dip; headlamp low; t56b; low beam lamp; dip lamp; dip headlamp; low beam headlamp; headlamp low beam; head low; dip filament; passing beam; passing lamp; meeting beam; low relay; crossing lamp; crossing beam; plough lamp low; plough low beam; plough dip beam; snow plough dip beam
headlamp feed | lamp-feed load lamp-off | headlamp; head lamp; headlamp feed; t56; headlamp supply; headlamp power; head; headlamp output; h lamp
main beam tell-tale | lamp-feed load lamp-off | main beam telltale; high beam telltale; main beam warning lamp; high beam indicator; main beam indicator; main beam control; high beam control; main beam control lamp; main beam warning; high beam control lamp; t56a telltale; high beam warning; main beam pilot lamp; high beam pilot lamp; high beam tell tale; main beam tell tale; blue lamp main beam; blue lamp; high beam dash lamp; main beam dash; road lamp telltale
headlamp switch | switched-ground load lamp-off | headlamp switch; lighting switch; light switch; dimmer switch headlamp; dip switch; lamp switch; head lamp switch; lights switch; lamp in; lamp input; master lighting switch; high beam switch; main beam switch; low beam switch; head switch; lamp switch main; lighting switch 1
headlamp flash | switched-ground load comfort-lost | headlamp flash; flash to pass; headlamp flasher; t56d; high beam flash; pass switch; flash to pass switch; flash pass; passing; pass
headlamp level motor | analog load comfort-lost | headlamp level; headlamp level motor; level motor; beam height motor; headlamp aim; headlamp adjust; headlamp range; headlamp range adjust; beam level; beam height; level position; level control lamp; headlamp beam adjust; headlamp leveling motor; headlamp range control; beam motor; leveling motor; leveller; headlamp leveller; level motor supply; leveller supply; leveller motor; level motor power
headlamp relay | switched-ground source lamp-off | headlamp relay; high beam relay; low beam relay; main beam relay; dip beam relay; lamp relay; light relay; head lamp relay
# side lamp
side lamp | lamp-feed load lamp-off | side lamp; position lamp; park lamp; t58; front park lamp; position; parker; front side lamp; front position lamp; city lamp; t57; t57a; side position lamp; park lamp feed; sidelamp; t57l; t57r; running lamp; parkers; pilot park lamp; front parker; parking lamp supply; side position
tail lamp | lamp-feed load lamp-off | tail lamp; t58l; t58r; tail; rear lamp; rear position lamp; t58c; rear park lamp; rear side lamp; tail lamp feed; rear tail lamp; rear parker
number plate lamp | lamp-feed load lamp-off | number plate lamp; plate lamp; t58k; number plate; plate illumination; licence lamp; licence; licence plate; licence plate lamp; index lamp
side marker lamp | lamp-feed load lamp-off | side marker; side marker lamp; marker lamp; marker; side reflector lamp; clearance lamp; roof marker; top marker; outline marker; identification lamp; id lamp; cab marker; side reflector
park lamp relay | switched-ground source lamp-off | park lamp relay; tail lamp relay; taillight relay; side lamp relay; position lamp relay; marker lamp relay; tail relay; tail relay coil; park relay
parking lamp side | lamp-feed load lamp-off | t57l parking; t57r parking
# stop lamp
stop lamp | lamp-feed load lamp-off | stop lamp; brake lamp; t54; stop; stop lamp feed; brake lamp feed; stop light output; brake lamp output; brake light; brake switch output; stop lamps
high-mounted stop lamp | lamp-feed load lamp-off | high mounted stop lamp; third brake lamp; third stop lamp; centre stop lamp; center high mounted stop lamp; high level stop lamp; high level brake lamp; centre brake lamp; 3rd brake lamp; 3 brake lamp; centre high mounted stop lamp; high mount stop; high brake lamp; third brake; 3 brake; 3rd brake; third stop
stop lamp switch | switched-supply load code | stop lamp switch; brake switch; brake lamp switch; stop signal; brake pedal; brake pedal switch; brake pedal position; brake pedal position switch; brake on off; service brake; brake signal; foot brake; footbrake switch; foot brake switch; brake; brake input; brake applied; brake shut down; brake sense; stop switch; brake applied signal; brake pedal signal; brake contact; brake switch output; pedal switch brake output; stop contact; stop lamp contact
brake pedal test switch | switched-supply load code | brake test switch; brake pedal test; brake switch number 2; second brake switch; brake test; brake pedal test switch; brake cruise cancel switch; brake switch normally closed
# turn
turn lamp | lamp-feed load lamp-off | turn lamp; turn signal; turn; indicator; flasher lamp; flasher; direction indicator; turn signal lamp; turn indicator; t49l; t49r; tl; tr lamp; direction lamp; turn left; turn right; blinker; turn output; side repeater; repeater; turn signal output; turn signal feed; indicator lamp; direction signal; side indicator; turn repeater; left turn; right turn; direction indicator lamp; turn signal lamps; t49a left; t49a right; direction indicator left; direction indicator right; terminal l; terminal r; signal brake; signal stop; turn stop; turn brake; rear signal brake; parking lamp flash; parking light flash; lamp flash output; hazard flash output; indicator flash
turn tell-tale | lamp-feed load lamp-off | turn telltale; turn signal telltale; turn indicator lamp dash; indicator telltale; turn signal control lamp; turn control lamp; tc2; flasher pilot lamp; indicator warning lamp; turn warning lamp; turn pilot lamp; flasher warning lamp; indicator pilot lamp; dash turn indicator; turn signal pilot lamp; flasher telltale; turn signal indicator; turn signal warning lamp; dash indicator lamp; turn indicator lamp; direction indicator pilot lamp; telltale flasher unit; left telltale; right telltale; flasher repeater telltale; terminal c; terminal c0; terminal c2; terminal c3; turn indicator telltale; turn repeater dash; turn dash lamp; indicator dash lamp; turn lamp dash; turn tell tale; indicator tell tale
flasher output | switched-supply source lamp-off | t49a; t49b; flasher output; flasher load; flasher unit l; flasher unit load; flasher load output; flasher to switch; flasher unit output; flasher relay output; load out flasher; flasher can out; flasher out; flasher can load; flasher can to stalk
turn switch | switched-supply load lamp-off | turn switch; turn signal switch; indicator switch; indicator stalk; turn stalk; flasher switch; turn lever; turn signal lever; column switch; turn request; turn signal request; indicator request; turn input; turn in; turn signal input switch
trailer turn lamp | lamp-feed load lamp-off | trailer turn; trailer turn lamp; trailer indicator; trailer flasher; trailer turn signal; trailer left; trailer right
trailer turn tell-tale | switched-ground load lamp-off | trailer telltale; trailer warning lamp; trailer turn telltale; t49c; trailer turn signal control lamp; trailer indicator telltale; trailer control lamp; trailer pilot lamp; trailer turn signal telltale; trailer warning; trailer turn control lamp
# flasher
flasher input | ignition load lamp-off | t49; flasher input; flasher unit; flasher supply; flasher feed; flasher relay; flasher unit supply; flasher plus; flasher unit b; flasher power; flasher relay supply; flasher unit x; flasher can; led flasher
flasher pilot | lamp-feed source lamp-off | flasher unit p; flasher pilot output; flasher unit pilot; pilot lamp flasher; flasher unit c1; flasher c2; flasher c3
hazard switch | switched-ground load lamp-off | hazard; hazard switch; hazard flasher; hazard warning; hazard lamp switch; hazard warning switch; hazard input; hazard request; four way flasher; emergency flasher; 4 way flasher; hazard button; hazard lamp
hazard supply | battery load lamp-off | hazard supply; hazard feed; hazard flasher supply; hazard flasher feed; hazard switch feed; hazard switch supply; hazard constant; hazard fuse; hazard lamp supply; hazard battery
# reverse lamp
reverse lamp | lamp-feed load lamp-off | reverse lamp; back up lamp; backup lamp; reversing lamp; reverse light; reverse lamp feed; back up; reverse lamp output; reverse lamps; backing lamp; reverse trigger; reverse signal; backing signal; reverse gear signal; reverse camera trigger; reverse out; reverse output; reverse gear lamp; reversing; gear reverse lamp
# fog
front fog lamp | lamp-feed load lamp-off | fog lamp; front fog lamp; t55; fog; front fog; fog lamp feed; fog lamp front; driving lamp; spot lamp; auxiliary driving lamp; spotlight; auxiliary high beam; light bar; auxiliary lamp; fog lamp output
rear fog lamp | lamp-feed load lamp-off | rear fog lamp; rear fog; rear guard fog lamp; guard fog; fog guard; fog lamp rear; rear fog guard lamp; rear guard fog; rear fog feed; t54g t52; 54g 52; trailer fog; trailer fog lamp
fog lamp switch | switched-ground load lamp-off | fog switch; fog lamp switch; rear fog lamp switch; rear fog switch; front fog switch; fog lamp request; fog request
fog lamp relay | switched-ground source lamp-off | fog lamp relay; fog relay; driving lamp relay; rear fog relay
# daytime running lamp
daytime running lamp | lamp-feed load lamp-off | daytime running lamp; daytime lamp; day running lamp; daylight lamp; day lamp; daytime running
cornering lamp | lamp-feed load lamp-off | cornering lamp; cornering; bend lamp; static bend lamp; turning lamp
# instrument lighting
instrument lighting | lamp-dimmer load lamp-off | instrument illumination; illumination; dash lamp; dash illumination; t58d; t58b; panel lamp; dash dimmer; panel illumination; switch illumination; dimmer; instrument lamp; dash lamp dimmer; gauge lamp; gauge illumination; dash lamps dimmer; panel dimmer; instrument panel lamp; instrument panel illumination; cluster illumination; ilplus; illumination plus; switch panel lamp; dash light dimmer; back light; cluster lamp; panel lighting; button illumination; night illumination; night lighting; instrument panel dimmer; meter lamp; clock lamp; clocks lamp; meter lighting; switch backlamp; stalk backlight; stalk glow; button backlight; switch backlight; switch glow; backlight; clock lamps; meter lamps
illumination minus | switched-ground load lamp-off | illumination minus; ilminus; rheostat minus; illumination return; illumination ground; dimmer minus; illumination dimmer return; dimmer return; illumination dimmer minus
# interior lamp
interior lamp | lamp-feed load comfort-lost | interior lamp; dome lamp; room lamp; courtesy lamp; dome; map lamp; reading lamp; roof lamp; foot well lamp; footwell lamp; interior lamps; cab lamp; glove box lamp; glovebox lamp; puddle lamp; step lamp; ceiling lamp; entry lamp; interval lamp; passenger lamp; passenger illumination; passenger compartment lamp; driver lamp; driver cab lamp; saloon lamp row; gangway lamp; aisle lamp; inside lamp; internal lamp; light output internal; interior light output; internal lights; inside lights; manifold absolute pressure sensor lamp
boot lamp | lamp-feed load comfort-lost | boot lamp; luggage lamp; trunk lamp; cargo lamp; luggage compartment lamp; load space lamp; bonnet lamp; engine bay lamp; locker lamp
work lamp | lamp-feed load lamp-off | work lamp; load lamp; flood lamp; floodlight; rear work lamp; scene lamp; loading lamp; plough lamp; area lamp; scene; scene light; alley lamp; alley; take down lamp; flood; loading light; bucket lamp; working lamp
beacon | lamp-feed load lamp-off | beacon; warning beacon; amber beacon; flashing beacon; warning bar; rotating beacon; blue lamp; light head; terminal 72; hazard beacon; roof beacon; rotating lamp; rotating light; amber lamp; warning lamp roof; blue lamp front; blue lamp rear; blue lamp roof; lightbar; lightbar front; lightbar rear; warning lightbar; blue lamps; hazard lightbar; flashing lamp; blue lamp switch; beacon request; beacon switch; blue light request; driver blue lamp switch; driver beacon switch; beacons
# fault
common alarm | switched-ground source nothing | common alarm; alarm out; alarm output common; general alarm output; alarm relay output; common fault; common warning; common shutdown
fault lamp | switched-ground source lamp-off | fault lamp; warning lamp; fault; fault output; general warning; control lamp; system fault; error lamp; warning; fault signal; alarm lamp; failure lamp; telltale; indicator lamp general; general alarm; level warning lamp; fault led; error led; err lamp; fault lamp dash; fault output lamp; err out; error output
fan fault | switched-ground source lamp-off | fan fault; fan fault lamp; fan warning; fan failure; fan failure lamp
lamp fault | switched-ground source lamp-off | bulb fault; lamp fault; bulb check; bulb failure; lamp failure; bulb out; lamp out; bulb monitor; check control; lamp check; lamp test; bulb warning; lamp monitor; stop lamp fault; brake lamp fault; tail lamp fault; rear lamp fault; lamps fault
# malfunction indicator lamp
malfunction indicator lamp | switched-ground source lamp-off | malfunction indicator lamp; check engine; engine warning lamp; check lamp; check engine lamp; check warning lamp; engine check lamp; engine check lamp; check; diagnostic lamp; engine lamp; engine management lamp; emission warning lamp; engine fault lamp; service engine soon; engine telltale; amber warning lamp; amber stop lamp; control lamp k83; exhaust control lamp; check engine warning; engine warning light; exhaust telltale; emission lamp; malfunction lamp; amber engine lamp; exhaust warning lamp; fault indicator; malfunction indicator; fuel injection warning; injection warning lamp; fuel injection warning lamp; injection fault lamp; efi warning; efi lamp; efi warning lamp; engine fault; check lamp bulb; check lamp dash; engine electronics lamp; motor control lamp
# stop engine lamp
stop engine lamp | switched-ground source lamp-off | stop engine lamp; red stop lamp; stop engine; red warning lamp; engine stop lamp; red engine lamp
# abs lamp
abs lamp | switched-ground source lamp-off | abs lamp; abs warning lamp; antilock warning lamp; abs control lamp; abs telltale; abs warning; antilock lamp; abs trailer lamp; trailer abs warning; trailer abs lamp; trailer abs warning lamp; abs warning trailer
# restraint lamp
restraint lamp | switched-ground source restraint | airbag lamp; airbag warning lamp; airbag telltale; restraint lamp; airbag warning; airbag control lamp; airbag indicator; airbag lamp control
# seat belt lamp
seat belt lamp | switched-ground source lamp-off | seat belt lamp; belt warning lamp; belt lamp; seat belt warning; belt warning; seat belt telltale; seat belt reminder
# service reminder
service reminder | switched-ground source nothing | service reminder; service lamp; service indicator; oil service
# fuel low lamp
fuel low lamp | switched-ground source lamp-off | fuel low lamp; low fuel lamp; reserve lamp; fuel reserve; low fuel warning; low fuel; fuel warning lamp; fuel warning; fuel reserve lamp; fuel lamp; reserve lamp fuel
# door lamp
door lamp | switched-ground load lamp-off | door lamp dash; door warning lamp; door open lamp; door ajar lamp; door telltale
# cruise lamp
cruise lamp | lamp-feed source lamp-off | cruise lamp; cruise telltale; cruise on lamp; cruise indicator; cruise active lamp
# immobiliser lamp
immobiliser lamp | switched-ground source lamp-off | immobiliser lamp; security lamp; theft lamp; security indicator; key lamp; security; security lamp; security led; antitheft lamp; theft led
# fuel level
fuel level | resistive-sensor load reads-wrong | fuel level; fuel gauge; fuel sensor; tank sensor; fuel level sensor; tank level; fuel tank unit; tank unit; fuel; fuel gauge sensor; fuel tank sensor; fuel level signal; fuel tank; fuel quantity sensor; fuel contents; fuel tank level; tank float; fuel float; float sensor fuel; fuel level sender; fuel sender
water tank level | resistive-sensor load reads-wrong | water tank level; fresh water level; fresh water tank; waste tank level; grey water; black water; water tank; waste tank; fresh water; waste water; grey tank; black tank; grey water tank; holding tank; fresh water sensor; fresh tank; waste water level; fresh tank probe; tank probe; tank probes; level in; level input; level com; level common; fresh water probe; tank level common; tank sender; clean water; clean water tank; tank low; tank empty; tank full; water tank empty; clean water tank empty; waste water tank full; tank contents; tank contents sensor; contents sensor; tank level sensor; clean water probe; clean tank; recovery water; recovery tank; grey water probe; waste probe; water probe; recovery water probe; waste water probe; fresh full; fresh half; fresh empty; fresh tank full; tank fresh; grey full; waste full; waste tank full; tank probe full; fresh water full; fresh water empty; waste water full; fresh water tank dip; water tank dip; water dip; fresh water tank sender; water tank sender; fresh water gauge; drinking water level; domestic water level; level water; level fresh water; fresh water float; water float; level fresh; level waste; level grey; level black; waste float
# trip
odometer trip switch | switched-ground load comfort-lost | trip reset; trip switch; trip computer; odometer; reset; trip; trip button
# buzzer
alarm inhibit | switched-ground load nothing | alarm inhibit; alarm mute; reverse alarm mute; reverse alarm inhibit; buzzer mute; buzzer off; reversing alarm mute; sounder mute; alarm cancel
buzzer | switched-ground source comfort-lost | buzzer; warning buzzer; alarm buzzer; reverse buzzer; reverse alarm; audible alarm; back up alarm; audible warning; warning horn; reversing alarm; piezo; reverse beeper; alarm sounder; overheat horn; overheat alarm; engine alarm horn; overheat buzzer; alarm siren panel; siren panel; alarm horn ground; sounder; alarm sounder output; alarm output sounder; buzzer panel; alarm buzzer output; buzzer output; alarm output buzzer; beeper; back up beeper; backup alarm; reversing beeper; back up warner; reverse warner
clock | battery load memory-lost | clock; clock supply; timer; timer switch; clock feed; clock live; live for clock; clock constant
# horn
horn | switched-ground source dead | horn; horn switch; horn push; horn button; horn relay; horn control; horn contact; horn trigger; horn pad; horn request; horn ring; horn relay coil; horn output; horn feed; horn supply; t71a; t71b; air horn; horn motor; horns; t71
tone sequence control | switched-supply load dead | tone sequence; horn sequencer
# wiper
wiper | switched-supply load dead | wiper; wiper motor; wiper feed; t53; front wiper; windscreen wiper; wiper supply; wiper relay; wiper motor feed; wiper power; t53b; t53i; wiper speed; wiper motor speed; wiper slow speed feed
wiper park | switched-supply both comfort-lost | wiper park; park position; self park; t53e; t53a; wiper park switch; wiper self park; wiper park contact; wiper self parking; wiper motor park; wiper parking; wiper park feed; wiper park position; wiper reset contact; wiper parked; wiper home position; wiper home; home position wiper
wiper interval | switched-supply load comfort-lost | wiper interval; intermittent; wiper delay; intermittent wiper; wiper intermittent; intermittent relay; interval; wiper delay relay; wiper interval relay; wiper int; int wiper; interval wiper
wiper switch | switched-ground load dead | wiper switch; wiper stalk; wiper control; wiper lever; wiper column switch; wiper request; wiper selector
rear wiper | switched-supply load dead | rear wiper; rear wiper motor; back wiper; rear window wiper; tailgate wiper; rear screen wiper
# washer
washer pump | switched-supply load comfort-lost | washer; washer pump; screen washer; windscreen washer; t53c; front washer; washer motor; windscreen washer pump; screen wash; washer feed; washer switch; washer jet pump
rear washer | switched-supply load comfort-lost | rear washer; rear washer pump; rear screen washer; rear window washer
headlamp washer | switched-supply load comfort-lost | headlamp washer; headlamp washer pump; headlamp cleaning
# washer level
washer level | switched-ground load lamp-on | washer level; washer fluid level; washer fluid; washer fluid contact; washer bottle switch; washer bottle; washer level switch; washer fluid switch; washer reservoir; washer fluid level switch; washer bottle level; washer tank level; washer bottle contact; low washer; washer low; washer fluid low; low washer fluid
washer level lamp | switched-ground source lamp-off | washer level lamp; washer lamp; washer bottle lamp; washer fluid lamp; washer fluid warning; washer fluid telltale
handle request switch | switched-ground load comfort-lost | handle switch; door handle switch; handle request switch; outside handle; ambient handle; request switch door; handle button; lock request switch
touch sensor | switched-ground load comfort-lost | touch sensor; unlock sensor; touch sensor unlock; lock sensor; handle sensor
keyless antenna | other-data source comfort-lost | lf antenna; interior antenna; keyless antenna; key antenna; exterior antenna; low frequency antenna
# door
door ajar switch | switched-ground load lamp-off | door ajar; door switch; door contact; courtesy switch; door open; door jamb switch; door jam switch; door trigger; door; courtesy lamp switch; door pin; door courtesy switch; door pin switch; door latch switch; courtesy; door signal; door microswitch; door status; door open switch; door courtesy lamp switch; door close switch; door input; door open contact; sliding door open; rear door open; sliding door contact; sliding door ajar; sliding door ajar switch; sliding door open contact
bonnet switch | switched-ground load comfort-lost | bonnet switch; bonnet ajar; bonnet contact; bonnet; bonnet pin; bonnet courtesy switch; bonnet trigger; bonnet open; engine bonnet switch; engine bonnet courtesy switch; bonnet pin switch; bonnet pin shutdown; engine bonnet; bonnet latch switch
boot switch | switched-ground load comfort-lost | boot switch; boot ajar; boot contact; boot trigger; boot open; boot pin; boot lid switch; boot lid; luggage compartment switch; boot courtesy switch; boot latch switch; boot; load space contact; load compartment contact; load door contact; cargo contact; cargo door switch; load area switch; trunk trigger; load space switch; rear compartment contact
boot release | switched-supply source comfort-lost | boot release; boot lid release; boot pop; boot open output; boot opener; boot lock release; boot solenoid; boot unlatch; boot lid release motor; boot lid opener; boot open; boot opener motor; hatch opener; boot output; boot relay; boot release output; trunk release; tailgate release; trunk opnr; trunk lid release; hatch release; boot lock motor
fuel flap release | switched-supply source comfort-lost | fuel flap; filler flap; fuel door; fuel lid; fuel flap release; fuel filler; charge flap; fuel lid opener; fuel door release; fuel lid opnr
# door lock
door lock status | switched-ground load comfort-lost | door lock status; doors locked; door locked feedback; doors locked feedback; lock status; lock feedback; locked feedback; door lock feedback
door lock motor | switched-supply source dead | door lock; lock motor; central locking; door lock motor; power lock; lock; door lock relay; door lock control; door lock control relay; central locking lock; lock output; central lock; lock pulse; door lock output; locking motor; door lock feed
door unlock motor | switched-supply source dead | door unlock; unlock motor; unlock; unlock output; central locking unlock; door unlock relay; door lock control relay unlock; unlock pulse; door unlock output; door lock unlock; central lock open; c lock open; lock open; door lock motor open; lock motor open; central locking open
door key cylinder switch | switched-ground load comfort-lost | door key cylinder; key cylinder lock; key cylinder unlock; door key switch; door key cylinder switch; key barrel switch; key barrel lock; key barrel unlock; key cylinder switch lock; key cylinder switch unlock
lock switch | switched-ground load comfort-lost | lock switch; lock request; central locking switch; lock trigger; door lock switch; lock input; lock button; key cylinder lock switch; lock signal
unlock switch | switched-ground load comfort-lost | unlock switch; unlock request; unlock trigger; door unlock switch; unlock input; unlock button; key cylinder unlock switch; unlock signal
child lock | switched-supply source comfort-lost | child lock; child safety lock; child safety
# alarm
travel alarm | switched-supply source comfort-lost | travel alarm; travel beeper; motion alarm; travel buzzer; travel warning
siren inhibit | switched-ground load nothing | park kill; siren kill; siren inhibit; horn ring in; horn ring transfer
siren tone | switched-supply source dead | siren tone; wail; yelp; siren wail; siren yelp; hi lo tone; two tone; siren phaser; siren tone select
alarm siren | switched-supply source comfort-lost | siren; alarm; alarm siren; horn alarm; security; alarm output; alarm horn; two tones; two tone horn; siren request; siren switch; two tone; two tone switch; two tones switch; siren amplifier
alarm arm signal | switched-ground load comfort-lost | arm; alarm arm; arming; arm output; factory arm
alarm disarm signal | switched-ground load comfort-lost | disarm; alarm disarm; factory disarm; disarm output; factory alarm disarm
# window
window up | switched-supply source dead | window up; window raise; window close; window motor up; window closed; window lift up; rear window up; front window up; window up driver; glass up; window lifter raise; window raise; window lifter up; glass raise; window glass up
window down | switched-supply source dead | window down; window lower; window open; window motor down; window lift down; rear window down; front window down; glass down; window lifter lower; window lower; window lifter down; glass lower; window glass down
window switch | switched-ground load dead | window switch; power window; window lifter switch; power window switch; window lift switch; window regulator switch; rear window switch; rear power window; window lock switch; window inhibit; window lock; window isolator; rear window inhibit; window lockout; power window lock switch; window disable
window motor | switched-supply load dead | window motor; window; window lift; window lift motor; window regulator; window regulator motor; power window motor; window winder; rear window motor; rear window lift; rear window lift motor; rear window regulator; front window motor; window roll up; roll up; comfort closing; comfort close; window closer
window supply | battery load dead | window supply; window feed; power window supply; power window feed; power window relay; window relay; window power
door supply | battery load comfort-lost | supply 30 door; permanent door; door supply; door feed; door module supply; battery door
# roof
sunroof motor | switched-supply source dead | sunroof; sunroof motor; sliding roof; sliding roof motor; roof vent motor; sunroof switch; roof vent; s roof; roof tilt; sunroof tilt; sunroof slide; sunroof open; sunroof close; s roof tilt; s roof slide; s roof open; s roof close; slide roof
convertible top motor | switched-supply source dead | convertible top; soft top; roof motor; hood motor; top motor; folding roof; roof pump; power top; convertible roof; top up; top down
# mirror
mirror adjust | switched-supply source comfort-lost | mirror; mirror adjust; mirror motor; mirror up; mirror left right; mirror common; mirror control; mirror switch; mirror adjust motor; mirror up down; mirror horizontal; mirror vertical; door mirror; mirror motor common
mirror fold | switched-supply source comfort-lost | mirror fold; fold mirror; mirror fold motor; mirror retract; mirror folding; mirror unfold; unfold mirror; mirror fold out; mirror fold in
mirror heater | switched-supply load comfort-lost | mirror heater; mirror heat; heated mirror; mirror heated; mirror defrost; door mirror heater
# screen heater
rear window heater | switched-supply load comfort-lost | rear window heater; heated rear window; rear defrost; rear heated window; rear screen heater; heated rear screen; heated back window; rear window defrost; back window heater; rear window; rear glass heater; rear glass defrost; rear window defrost switch; defrost; heated rear glass; rear defrost switch; defrost switch; backlight heater; rear window defogger; rear window defrost timer; defrost output; heated backlight; rear demist
windscreen heater | switched-supply load comfort-lost | windscreen heater; heated windscreen; front screen heater; windscreen defrost; heated front screen; front window heater; heated wiper
# sprayer
section valve | switched-supply load dead | section; section valve; boom section; boom section valve
regulating valve | switched-supply load dead | regulating valve; pressure increase; pressure decrease; pressure regulating valve; pressure up; pressure down
master valve | switched-supply load dead | master valve; main valve; main on off valve; main switch valve
flow meter | pwm load reads-wrong | flow meter; flow sensor; flow sensor pulse; flow rate sensor
boom lift | switched-supply load dead | boom up; boom lift; boom raise; boom down; boom lower
boom lamp | lamp-feed load lamp-off | boom lamp; boom light; work lamp boom; boom work lamp
foam marker | switched-supply load dead | foam marker; foam
# plough
plough lift | switched-supply load dead | plough up; plough down; blade raise; blade lower; blade up; blade down; plough raise; plough lower; plough lift; snow plough up; snow plough down; snow plough raise; snow plough lower
plough angle | switched-supply load dead | plough angle; blade angle; blade swing; plough swing; blade tilt; snow plough angle
plough float | switched-supply load dead | float; floating position; float position; plough float; blade float
spreader | switched-supply load dead | gritter; gritter enable; gritter on; gritter control; sand gritter
# bus
door safety edge | switched-ground load dead | door edge; safety edge; sensitive edge; door edge safety strip; sens edge; door safety strip; safety strip; sensor edge; pressure strip
destination sign | battery load comfort-lost | route sign; route display; route display supply; route indicator; display sign; line number display
wheelchair call | switched-supply load comfort-lost | wheelchair; wheelchair call; wheelchair alarm; wheelchair request; pram call
# hitch
hitch position | analog load comfort-lost | hitch position; hitch position sensor; hitch sensor; hitch height; lift arm position; rockshaft position; hitch wiper; linkage position; hitch potentiometer
hitch raise | switched-supply source dead | hitch up; hitch raise; hitch lift; lift arm raise; hitch raise valve; hitch raise solenoid
hitch lower | switched-supply source dead | hitch down; hitch lower; lift arm lower; hitch lower valve
# charging inlet
control pilot | other-data both dead | control pilot; pilot; pilot signal; pilot line; cp
proximity pilot | analog load dead | proximity pilot; proximity; proximity pilot pilot; plug present; plug proximity; pp; cable present
inlet lock motor | switched-supply source dead | inlet lock; inlet lock motor; charge port lock; intake lock motor; charge socket lock; charge plug lock; charge inlet lock; charge flap lock; charge left lock
isolation fault | switched-ground source lamp-off | isolation fault; insulation fault; imd; imd fault; isolation monitor; insulation monitor
pack temperature | resistive-sensor load limp | pack temperature; battery temperature; battery pack temperature; module temperature battery; cell temperature; battery temperature sensor; battery probe; battery temperature probe
converter enable | switched-supply load dead | converter enable; dcdc enable; dc converter enable; enable dcdc
# seat
seat motor supply | battery load dead | seat motors feed; seat motors supply; seat motor supply; seat motor feed; seat supply; seat feed; power seat supply; power seat feed
seat position pulse | hall load comfort-lost | slide position pulse; hall longitudinal; seat position sensor; slide hall; recline hall; height hall; seat hall; slide pos pulse; hall sensor longitudinal; hall sensor backrest; hall sensor height
seat heater temperature | resistive-sensor load comfort-lost | seat heating ntc; ntc seat heating; heater mat sensor; seat heater sensor; heat pad sensor; seat temperature sensor; seat thermistor
seat heater | switched-supply load comfort-lost | seat heater; heated seat; seat heat; seat heater element; seat heater switch; seat cushion heater; heated cushion; heated back rest; cushion heater; seat heat stage; heated seat stage; heater mat; heater mat base; heater mat back; seat heating element; seat heating; heating mat; heat pad; heater pad; cushion heating; backrest heating; seat heating cushion; seat heating backrest
seat motor | switched-supply source comfort-lost | seat motor; power seat; seat adjust; seat supply
seat slide motor | switched-supply source comfort-lost | seat slide; slide; seat slide motor; slide motor; seat forward; seat travel; seat track motor; seat fore aft; slide forward; slide rearward; seat rearward; longitudinal; longitudinal adjustment; longitudinal adjustment motor; seat longitudinal; seat length adjustment; fore aft motor; fore and aft; fore aft adjustment; motor fore aft; slide motor forward; motor fore aft adjustment; sliding motor
seat recline motor | switched-supply source comfort-lost | recline; seat recline; seat recline motor; backrest; back rest; backrest motor; seat back; seat back motor; back rest motor; recline motor; backrest adjustment; backrest adjustment motor; seat angle; back angle; reclining motor; reclining; reclining motor forward; motor backrest; recliner; recliner motor
seat height motor | switched-supply source comfort-lost | seat height; seat lift; seat height motor; seat up; seat down; seat raise; cushion height; cushion; cushion lift; cushion motor; cushion tilt; front lift; rear lift; cushion front; cushion rear; seat front lift; seat rear lift; seat tilt; lift motor seat; front cushion; rear cushion; height adjustment; height adjustment motor; seat height adjustment; height adjustment rear; height adjustment front; front tilt; rear tilt; tilt motor seat; seat tilt motor; front edge; lifter motor; lifter; seat lifter; seat lifter motor; motor seat height; vertical motor; lifter motor seat
lumbar motor | switched-supply source comfort-lost | lumbar; lumbar motor; lumbar support; lumbar pump; seat lumbar; lumbar inflate; lumbar deflate; lumbar compressor; lumbar support pump
seat memory switch | switched-ground load comfort-lost | memory switch; memory button; seat memory; memory set; memory seat; memory 1; memory 2; memory 3; memory recall; memory switch 1; memory switch 2; button set; button m; set button
seat belt switch | switched-ground load restraint | belt switch; seat belt switch; buckle switch; belt buckle; seat belt buckle; belt contact; seat belt; buckle; belt lock contact; belt lock; belt lock switch; belt latch; belt latch switch; seat belt latch
occupant sensor | other-data load restraint restraint | occupant sensor; seat occupancy; passenger presence; ocs; seat occupied; occupant classification; occupancy sensor; seat mat; seat occupancy mat; occupancy mat
# seat switch
seat switch | switched-supply load dead vital | seat switch; operator present; operator presence; operator seat switch; seat occupied switch; dead man; operator switch; driver present; operator seat
# squeegee
squeegee lift | switched-supply load dead | squeegee lift; squeegee up; squeegee down; squeegee motor up; squeegee; squeegee motor; squeegee actuator
# main brush
main brush | switched-supply source dead | main brush; roller; main broom; broom; broom roller; main broom contactor; broom contactor; roller contactor
# side brush
side brush | switched-supply source dead | side brush; gutter broom; side broom; side broom contactor
# suction fan
suction fan | switched-supply source dead | vacuum fan; suction; suction fan; vacuum fan contactor
aspirator | switched-supply source dead | aspirator; suction pump; suction unit; medical suction; suction machine
# steering
steering lock | other-data both no-start | steering lock; steering column lock; column lock; escl; steering lock unit; column lock; steering column lock; elv
steering wheel controls | analog load comfort-lost | steering wheel controls; steering wheel switch; steering remote; steering wheel button; remote control audio; steering wheel remote; steering wheel control; audio remote; steering switch; steering pad switch; wheel switch; steering wheel control input; steering control; wheel remote; wheel controls; steering wheel key; wired remote; remote key; swc 1; swc 2; swc key; steering remote control; stalk remote; learning remote; remote learning; oem remote
power steering pressure | switched-ground load poor-running | power steering pressure; power steering pressure switch; power steering switch; steering pressure; power steering oil pressure switch; power steering oil pressure; power steering load; power steering load switch; power steering squeeze switch; power steering press switch
power steering supply | battery load dead | power steering supply; eps supply; electric power steering; eps; electronic power steering; power steering; steering pump; electro hydraulic steering
steering assist valve | pwm source comfort-lost | steering assist; variable steering; speed dependent steering; steering valve; steering solenoid; power steering solenoid; power steering valve; variable steering solenoid
steering angle sensor | other-data both lamp-on | steering angle; steering angle sensor; sas
# heater blower
blower feedback | analog load comfort-lost | blower feedback; blower feedback voltage; blower fb; blower motor feedback; blower sense
blower motor | switched-supply load comfort-lost | blower; blower motor; heater fan; heater blower; cabin fan; blower feed; cab fan; interior fan; heater motor; vehicle blower; blower relay; heater fan motor; hvac fan; cabin blower; vent fan; cab heater fan; blower output; evaporator fan; cab fan relay; fresh air fan; interior blower; extractor fan; blower speed; heater; heater output; cabin heater; driver blower; driver blower stage; driver fan; saloon fan; saloon fans; blower saloon; saloon blower; blower stage; passenger fan heater; blower driver place; fan first position; fan 1st position; fan 2nd position; fan 3rd position; fan second position; fan third position; fan max; fan maximum; blower direct; fan stage; blower motor direct
blower control | pwm source comfort-lost | blower control; blower pwm; blower speed; blower resistor; blower switch; vehicle blower control; blower request; blower control signal; blower regulator; fan switch heater; heater fan switch; blower on signal; heater fan request; blower power module; blower speed control; blower power module control; blower regulator control
# climate
blend door actuator | pwm source comfort-lost | blend door; temperature flap; mix flap; blend motor; air mix; blend; air mix motor; blend flap; temperature door; mix door; air mix door
mode door actuator | pwm source comfort-lost | mode door; vent flap; mode motor; recirculation flap; recirculation; air distribution; defrost flap; fresh air flap; footwell flap; recirculation motor; vent door; recirculation door; mode flap; recirculation fresh motor; recirculation fresh; fresh recirculation; air intake door; intake door; intake door motor; vent servo; screen vent; face vent; mode servo; vent servo motor; face flap; screen flap; demist flap; foot flap; foot vent; floor vent
evaporator temperature | resistive-sensor load comfort-lost | evaporator temperature; evaporator sensor; thermistor evaporator; evaporator thermistor; evap temperature; evaporator; evaporator probe; ice sensor; anti freeze thermostat; anti freeze sensor; anti frost sensor; frost sensor evaporator; freeze probe; icing sensor; antifreeze thermostat sensor
cabin temperature | resistive-sensor load comfort-lost | cabin temperature; in car sensor; interior temperature; room sensor; room temperature; room temperature sensor; cab temperature; inside temperature; interior sensor; cabin sensor; in car temperature; inside sensor
temperature setting | analog load comfort-lost | setpoint; setpoint potentiometer; temperature selector; temperature setpoint; temperature adjust; temperature knob
sun sensor | analog load comfort-lost | sun sensor; solar sensor; sun load sensor; sunload; light intensity sensor; sun load; solar load
auxiliary heater control | switched-supply load comfort-lost | auxiliary heater; parking heater; aux heater; heater on; standing heater; heater request; switch on signal; splus; heater switch on signal; night heater; heater switch; heater on signal; heater enable; heater start; cab heater; fuel heater; diesel heater control; auxiliary heater on; parking heater on; park heater; heating enable; boiler on; boiler enable; boiler; heating on; hot water on; water heater on; heating request; preheater; preheater enable; preheater control; preheater on; auxiliary heater switching on signal; switching on signal; auxiliary heater on signal; additional heater
heater glow pin | switched-supply source dead | heater glow pin; glow pin; heater igniter; glow element
coolant heater valve | switched-supply source comfort-lost | heater valve; coolant valve; water valve; heater control valve; coolant valve heater; heater tap; coolant shut off valve; water solenoid
air conditioning request | switched-supply load comfort-lost | aircon request; aircon on; aircon switch; aircon; aircon input; aircon signal; aircon demand; aircon request signal; aircon pressure switch; aircon request switch; aircon control; aircon wants compressor; aircon amplifier; aircon enable; aircon button; aircon clutch request; compressor request; aircon on signal; aircon request input; aircon amplifier request; aircon idle up; aircon compressor request; aircon thermostat; aircon control signal; aircon ready; aircon readiness; aircon readiness input; aircon push switch; aircon push button; air conditioning authorisation; aircon demand input; aircon authorisation; aircon permission
compressor clutch | switched-supply load comfort-lost | compressor clutch; aircon clutch; magnetic clutch; aircon compressor; aircon compressor clutch; compressor magnetic clutch; magnet clutch; aircon magnet clutch; clutch coil; aircon clutch relay; compressor clutch relay; magnet clutch relay; aircon relay; aircon magnet clutch relay; aircon compressor clutch relay; magnetic clutch relay; compressor magnetic clutch relay; aircon compressor relay; aircon magnetic clutch; aircon cut relay; compressor engaged; compressor clutch output; aircon clutch control; aircon clutch output; aircon output; aircon cut off relay; aircon cutoff relay; compressor control; compressor clutch relay; compressor output; aircon out; aircon output; aircon compressor out; aircon compressor output; aircon compressor signal; compressor signal 12v; compressor signal; compressor on
refrigerant pressure | analog load comfort-lost | refrigerant pressure; refrigerant pressure sensor; aircon pressure sensor; aircon pressure; aircon pressure transducer; aircon refrigerant pressure; air conditioning pressure; air conditioning pressure sensor
refrigerant pressure switch | switched-ground load comfort-lost | refrigerant pressure switch; trinary switch; binary switch; low pressure switch; high pressure switch; aircon high pressure switch; aircon low pressure switch; dual pressure switch; aircon trinary switch; aircon binary switch; air conditioning pressure switch; air conditioning high low switch; air conditioning high pressure switch; air conditioning low pressure switch; a c pressure switch; aircon pressure switch; refrigerant switch; dual switch aircon; pressure switch high low; dual pressure switch; trinary switch; trinary; binary pressure switch; three way pressure switch; 3 way pressure switch; ac pressure switch; binary; pressure switch condenser; pressure switch mid
# brake warning
brake warning lamp | switched-ground source lamp-off | brake warning lamp; brake warning; brake telltale; brake system warning; brake control lamp; brake failure lamp; brake system lamp; brake warning telltale; red brake lamp dash; brake fail; brake lamp dash; dash brake lamp; brake fail lamp; brake wl
park brake lamp | switched-ground load lamp-off | park brake lamp; handbrake lamp; handbrake warning lamp; park brake warning lamp; handbrake telltale; park brake telltale
brake fluid level | switched-ground load lamp-on | brake fluid level; brake fluid; brake fluid switch; brake fluid level switch; brake fluid level contact; brake level; brake reservoir; brake fluid contact; brake fluid level warning; brake fluid warning; reservoir level switch brake; brake reservoir level; brake reservoir switch; fluid level switch brake; brake oil; brake oil switch; brake oil level; hydraulic brake oil; hydraulic brake oil switch; brake oil level switch
park brake switch | switched-ground load lamp-off | park brake; handbrake; park brake switch; handbrake switch; handbrake contact; park brake contact; hand brake; hand brake switch; pbrake; parking brake; emergency brake; emergency brake switch; park brake signal; e brake; parking brake switch; park brake on; handbrake signal; spring brake switch; park brake pressure switch; handbrake lamp switch; p brake; prk; park switch; parking switch; handbrake wire; park sw; prk switch
# brakes
brake pad wear | switched-ground load lamp-on | brake pad wear; pad wear; brake wear; brake lining wear; brake pad; lining wear; brake pad sensor; brake lining
electric park brake motor | switched-supply source dead | electric park brake; electric park brake motor; park brake motor; parking brake motor; epb motor
wheel speed sensor | vr-pair load lamp-on | wheel speed; wheel speed sensor; abs sensor; wheel sensor; abs wheel; abs wheel speed; abs wheel sensor; abs speed sensor; speed sensor wheel; abs ring sensor; ring sensor abs; abs ring
abs pump supply | battery load lamp-on | abs pump; abs pump supply; abs motor; abs pump motor; abs hydraulic unit; return pump; hydraulic unit motor; abs motor supply; abs motor relay; abs pump relay; pump motor supply; abs motor feed; motor feed abs
abs valve supply | battery load lamp-on | abs valve; abs valve supply; abs solenoid supply; abs solenoid; abs supply
air pressure warning | switched-ground load lamp-on | low air; low air pressure; air pressure warning; low air switch; low air pressure switch; air pressure switch; air pressure lamp; low air lamp; low air warning; brake air pressure; air pressure low; low air pressure warning
air pressure | analog load reads-wrong | air pressure; air pressure gauge; air tank pressure; brake pressure; circuit pressure; reservoir pressure; primary air pressure; brake pressure sensor; air pressure sensor; air sensor; brake air; brake air pressure sensor; brake line pressure; master cylinder pressure; brake pressure transducer
stability control switch | switched-ground load comfort-lost | stability off; traction off; stability switch; traction control switch; traction control off; traction switch; traction control; stability control; stability off switch; traction off switch
yaw sensor | other-data both lamp-on | yaw; yaw rate; yaw sensor; lateral acceleration; acceleration sensor; g sensor; yaw rate sensor
brake vacuum pump | switched-supply source dead | vacuum pump; brake vacuum; brake booster pump; brake vacuum pump; booster vacuum; brake servo pump
brake vacuum sensor | analog load code | brake vacuum sensor; brake booster sensor; booster pressure; brake booster pressure; vacuum switch
trailer brake output | pwm source dead | trailer brake; brake controller; electric brake; trailer brake output; trailer electric brake; brake control output; trailer brake controller
# ride height
height sensor | analog load code | level sensor; height sensor; ride height; level; level position; height signal; height; suspension height sensor; air suspension level; axle level sensor; suspension level; ride height sensor; level signal; height position; suspension position; height potentiometer; height potentiometer left; header height sensor
pressure sensor | analog load code | pressure sensor; pressure signal; pressure; pressure transducer; system pressure; oil pressure hydraulic; hydraulic pressure; hydraulic pressure sensor
pressure switch | switched-ground load code | pressure switch; hydraulic pressure switch; pump pressure switch
kneel switch | switched-supply load comfort-lost | kneel; kneel switch; kneel request; lower request; lowering switch; lower switch; kneeling; kneeling switch; lowering; suspension lower; lower; cab switch lower; switch lower; switch down; down switch; lower button; down button
raise switch | switched-supply load comfort-lost | raise; raise switch; lift request; raise request; lift switch; raising; suspension raise; cab switch raise; switch up; switch raise; up switch; tip up switch; raise button; up button
compressor relay | switched-ground source dead | compressor relay; compressor control; air pump relay; suspension compressor; air suspension compressor; compressor relay coil; suspension compressor relay; air compressor relay; magnet clutch relay; aircon clutch relay; to compressor relay; ac relay; air horn compressor; onboard air; tank compressor; compressor air locker; air locker compressor; locker compressor
compressor feed | switched-supply load dead | compressor feed; compressor supply; compressor motor; compressor; air compressor; pump control; air compressor pump
exhaust valve | switched-ground source dead | exhaust valve; vent valve; dump valve; release valve; suspension exhaust valve; air dump
spring valve | switched-ground source dead | spring valve; bag valve; air spring valve; suspension fill valve; inflate valve; air spring; air bag valve suspension; air suspension valve; bellows valve; level valve; air suspension solenoid
damper valve | pwm source limp | damper; damper valve; shock absorber; damping; damper control; suspension damper
tyre pressure receiver | lin both lamp-on | tyre pressure; tyre pressure monitor; tyre pressure receiver; tyre pressure sensor
inclination sensor | analog load code | inclination; tilt sensor; angle sensor; inclinometer; boom angle; tip over; tip over sensor; lean angle; rollover sensor; fall sensor; tilt angle; tilt sensor; bank angle; angle transducer; angle; tip over switch; bank angle sensor; lean angle sensor; roll over sensor; lean sensor; tilt cut out; tilt switch; tilt cut off
lift axle | switched-supply load comfort-lost | lift axle; axle lift; lift axle switch; lift axle valve; tag axle
# winch
winch motor | switched-supply load dead | winch; winch motor; winch relay; winch solenoid; winch in; winch out; winch control; windlass; windlass up; windlass down; anchor windlass; anchor winch; winch contactor
# parking aid
parking sensor | lin both comfort-lost | parking sensor; park sensor; park distance; ultrasonic sensor; park distance control; parking aid; park aid; park pilot; parking distance
parking aid mute | switched-ground load comfort-lost | park pilot off; parking distance mute; park distance off; parking distance unit mute; park distance control off; parking aid off; parking distance unit; park aid off; parking distance control off; park distance control mute; parking sensor off; parking sensor mute; parking sensor module off; parking sensor switch off; parking sensor module switch off
camera signal | other-data source comfort-lost | camera; reversing camera; video; camera signal; rear camera; reverse camera; camera video; camera picture; video signal; cvbs; rca video; front camera; cam video; rear cam video; camera input video
camera supply | switched-supply source comfort-lost | camera supply; camera power; camera feed; camera plus; camera 12v; rear camera supply; reversing camera supply
radar sensor | other-data both comfort-lost | radar; blind spot; radar sensor; blind spot sensor; lane sensor
rain sensor | lin both comfort-lost | rain sensor; rain light sensor; rain light
ambient light sensor | analog load comfort-lost | light sensor; ambient light sensor; photo sensor; twilight sensor; auto lamp sensor; photocell; darkness sensor; dusk sensor; sun sensor lamp
# trailer
fog cut-off | switched-ground load lamp-off | fog cut off; fog cutoff; fog inhibit; fog cut out; rear fog cut off; rear fog inhibit; fog disable; trailer fog cut off
trailer tail lamp | lamp-feed load lamp-off | trailer tail; trailer tail lamp; trailer running lamp; trailer side lamp; trailer park lamp; trailer position lamp
trailer stop lamp | lamp-feed load lamp-off | trailer stop; trailer brake lamp; trailer stop lamp; t54g; trailer brake lights; brake lamp trailer
trailer supply | battery load dead | trailer supply; trailer battery; trailer charge; trailer constant; trailer permanent; trailer power; trailer permanent supply; trailer circuits; caravan battery; trailer battery charge; trailer 12v
trailer charging line | switched-supply source dead | charging line; fridge supply; charge line; trailer charging line; trailer fridge; caravan fridge; fridge feed; trailer charging; trailer ignition supply; caravan charge; caravan supply; charging cable; fridge supply trailer; trailer fridge supply; fridge trailer
trailer detect | switched-ground load comfort-lost | trailer detect; trailer connected; t52; tow detect; trailer detection; trailer recognition; trailer present; trailer plugged
tail lift supply | battery load dead | tail lift; tail lift supply; tail lift feed
tail lift switch | switched-supply load dead | tail lift enable; tail lift switch; tail lift control switch; tail lift cab switch; cab enable; in cab switch
crane stowed switch | switched-ground load lamp-on | crane stowed; crane stowed switch; crane not stowed; crane not stowed warning; boom stowed; crane warning
refrigeration fault | switched-ground source lamp-off | reefer warning; reefer fault; fridge unit fault; fridge unit fault lamp; fridge warning
load door switch | switched-ground load lamp-on | load door; load door open; load door open lamp; rear door open; cargo door switch; body door open
# audio
audio | audio both comfort-lost | audio; aux input; audio signal; line in; line out; rca; line level; preout; aux audio; auxiliary audio; auxiliary input; audio input; audio output; line output; line input; pre out
microphone | audio both comfort-lost | microphone; microphone signal; microphone input
speaker | audio source comfort-lost | speaker; speaker positive; t76; speaker plus; speaker negative; speaker minus; speaker output; door speaker; subwoofer; hi level; high level input; high level; speaker input; hi level input; hi level in; coaxial; rear shelf speaker; radio side; speaker level; speaker out; tweeter; speaker left front; sp plus; sp minus
amplifier turn-on | switched-supply source comfort-lost | amplifier remote; amplifier turn on; remote turn on; amp turn on; amp remote; amp on; amplifier on; remote on; remote; rem; remote amplifier; amplifier control; amplifier enable; amplifier switch on; remote output; amp control; p cont; amp; amp turn on; amp remote; amp on
power antenna | switched-supply source comfort-lost | power antenna; antenna motor; antenna turn on; antenna amplifier; antenna control; antenna; antenna on; antenna supply; antenna power; antenna remote; antenna relay; electric antenna; antenna booster; antenna feed; antenna lift; p antenna; antenna up; antenna mast; antenna plus; antenna plus 12v; antenna 12v; antenna plus 1v; antenna booster; antenna booster feed; television antenna booster; aerial power
telephone mute | switched-ground load comfort-lost | mute; phone mute; radio mute; mute input; audio mute; mute signal
usb data | other-data both comfort-lost | usb data; usb; usb dplus; usb dminus; usb plus; usb minus
bass control | analog load comfort-lost | bass; bass knob; bass control; bass remote; level control knob; volume; volume knob; gain knob; level knob; remote level; gain control; sub level
radio supply | accessory load comfort-lost | radio; radio supply; radio feed; radio wire; radio power; radio switched; radio accessory
# power socket
power socket | accessory load comfort-lost | power socket; 12v socket; lighter; accessory socket; lighter socket; usb socket; power outlet; usb charger; dash socket; dash usb socket; usb power; auxiliary socket; usb supply; usb port
# wake
wake | ignition load module-dead | wake; wake up; enable; wakeup; power on; power enable; run enable; ecu enable; module enable; system enable; remote enable
key-in switch | switched-ground load comfort-lost | key in lock; t86s; key in contact switch; key reminder; s contact; key inserted; key in contact; key in switch; key inserted switch; key warning switch; key reminder switch; key in reminder; key cylinder switch; key in signal; key in ignition; key in ignition contact; key in ignition switch; key remind; key remind switch; ignition key contact; key buzzer switch
# cruise
cruise set switch | switched-ground load comfort-lost | cruise; cruise set; cruise set switch; cruise control; cruise switch; cruise on; cruise resume; cruise cancel; cruise control switch; set coast; resume accelerate; cruise main; cruise on off; cruise enable; cruise main switch; set accelerate; set minus; set plus; resume; cruise stalk; speed control; speed control switch; speed control set; speed control master; speed control resume; cruise coast; cruise accelerate; cruise decelerate; cruise resume accelerate; cruise set coast; cruise master; set decelerate; resume accelerator; resume accel; set decel; cruise on off; lever set; lever resume; lever main; lever on off; lever cancel; lever main on off
# inertia
inertia switch | switched-supply load no-start | inertia switch; ifs; inertia fuel shutdown; crash switch; fuel cut off switch; inertia; impact switch; fuel cut off inertia; rollover switch; crash cutoff switch; crash cutoff; fuel cut switch
immobiliser signal | other-data both no-start | immobiliser; transponder; theft; passive anti theft; start enable; immobiliser signal; transponder key coil; transponder coil; immobiliser antenna; key coil; anti theft; immobiliser data; immobiliser coil; key transponder; immobiliser aerial; theft deterrent; reader coil; security signal; txct; antitheft; alarm lock wire; alarm lock
axle select | sensor-supply source reads-wrong | axle select; axle coding; variant coding; coding strap; coding; id pin; address pin; address; id strap; configuration; config; select strap; coding pin; jumper; bridge; version coding; identification pin; mode select; program select; coding resistor; variant
# high voltage
high-voltage interlock | other-data both module-dead high-voltage | high voltage interlock; hvil loop; high voltage loop; service disconnect; interlock loop
high-voltage supply | other-data both module-dead high-voltage | high voltage; traction battery; high voltage plus; high voltage minus; high voltage battery; high voltage positive; high voltage negative; hv battery
# restraint
airbag squib | other-data source restraint restraint | airbag; air bag; airbag squib; driver airbag; passenger airbag; side airbag; curtain airbag; airbag igniter; restraint; clock spring; spiral cable; airbag coil; airbag module; squib; knee airbag
belt pretensioner | other-data source restraint restraint | pretensioner; belt pretensioner; seat belt pretensioner; belt tensioner; seat belt tensioner
crash sensor | other-data load restraint restraint | crash sensor; impact sensor; satellite sensor; restraint sensor; side impact sensor; airbag sensor; front impact sensor
crash signal | pwm load code | crash signal; crash output; airbag deployed; deployment signal; collision signal; crash
# passenger door and step
door valve control | switched-supply source dead | t77; door valve; door valve control; door open valve; door solenoid; bus door; passenger door valve; door control; front door open valve; front door close valve; rear door open valve; rear door close valve; door open solenoid; door close solenoid; door 1 open solenoid; door 2 open solenoid; door close valve; door 1 close solenoid; door 2 close solenoid; door valve open; door valve close
stop request | switched-supply load comfort-lost | stop request; bell; bell push; stop bell; passenger stop; next stop; stopping sign; driver bell; request stop; stop sign; wheelchair request; stop sign; stop sign lamp; stopping display; stopping sign; stop button bus; bell request; stop request bell
step motor | switched-supply load comfort-lost | step; entry step; step motor; step retract; step extend; electric step; step out; step in; step switch; entrance step; entry step; step out; step in; electric step; step extend; step retract; step in command; step out command; step deploy; step stow; step motor out; step motor in; step retract motor; step fold; rear step
awning | switched-supply load comfort-lost | awning; awning motor
ramp | switched-supply load comfort-lost | ramp; tail lift; tailboard; tipper raised; body raised; hoist; crane; boom; tail lift control; tipper switch; tipper body
# water
water pump switch | switched-supply load comfort-lost | pressure pump; water system pump; drain pump; fresh pump
# boat
raw water flow switch | switched-ground load lamp-on | raw water flow; raw water alarm; sea water flow; sea water flow switch; sea water alarm; water flow switch; flow alarm
bilge pump | switched-supply load dead | bilge pump; bilge; bilge float switch; float switch; bilge alarm; bilge automatic; bilge pump float; bilge high water; bilge manual
navigation lamp | lamp-feed load lamp-off | navigation lamp; bow lamp; stern lamp; nav lamp; running lights boat; port navigation lamp; starboard navigation lamp; steaming lamp; masthead lamp; masthead; steaming; running lamp bow; running lamp stern; all round lamp; all round white lamp; bow running lamp; red green lamp
anchor lamp | lamp-feed load lamp-off | anchor lamp; anchor; all round lamp; all round white; mast lamp; riding lamp
trim motor | switched-supply load dead | trim up; trim down; trim; tilt up; tilt down; trim motor; tilt; power trim; trim relay; trim pump; tilt motor; trim switch
trim gauge | resistive-sensor load reads-wrong | trim gauge; trim sensor; trim position; rudder angle; rudder sensor; trim level; rudder position; rudder indicator; rudder; rudder sender; rudder feedback; tab position; trim tab position; rudder ref; rud ref; rudder reference; rudder ref sig; rudder ref unit; rud fb; rudder fb
livewell pump | switched-supply load dead | livewell; livewell pump; aerator; baitwell; raw water pump; wash down pump; washdown pump; live well; bait tank pump; bait pump; bait tank
deck wash pump | switched-supply load dead | wash down pump; deck wash; deck wash pump; washdown; washdown pump; washer down pump; raw water wash
depth sounder | battery load comfort-lost | depth sounder; echo sounder; depth buzzer; echo buzzer; sounder depth; fish finder; depth display; depth temperature display; fishfinder; fish finder supply; depth display power; sounder; plotter; chart plotter; chartplotter; gps plotter; sonar
compass lamp | lamp-feed load lamp-off | compass; compass lamp; compass light; binnacle lamp
drive clutch | switched-supply source dead | clutch on ram; ram clutch; drive clutch; drive unit clutch; pilot clutch; autopilot clutch; rudder drive clutch; bypass valve pilot
rudder drive | switched-supply source dead | drive ram; ram motor; drive ram motor; rudder drive; autopilot drive; pilot drive; steering ram; steering ram motor; tiller drive; wheel drive pilot; rudder motor
heading sensor | other-data load reads-wrong | fluxgate; flux gate; fluxgate compass; compass sensor; heading sensor; compass a; compass b; rate compass
shore power | battery load charge-lost | shore power; battery charger; charger; shore; onboard charger
inverter | battery load dead | inverter; inverter remote; inverter on; inverter supply; inverter enable
reserve supply | battery source memory-lost | backup supply; reserve supply; backup battery; emergency battery
synchroniser | other-data both nothing | engine sync; nmea; sync signal nmea; depth; wind; gps; depth sounder; nmea 2000; nmea 0183; sounder transducer; fish finder
# parts of a data sheet
programmer | other-data both nothing | programmer; tx; rx; serial programmer; ser tx; ser rx; rs232; bootstrap; program enable; handset; rs485; programming line; flash enable; boot; flash program; programming enable
door window end | dry-contact load dead | limit switch; end switch; end stop; proximity switch; reed switch; micro limit
general input | unknown load dead | general input; digital input spare; input spare; user input
# fresh water
fresh water pump | switched-supply load dead | water pump; fresh water pump; tap pump; galley pump; domestic pump; shower pump; pump output water; water pump output
# pump
pump | switched-supply load dead | pump; pump motor; pump relay output; pump feed; pump output
# fridge
fridge relay | switched-ground source comfort-lost | fridge relay; fridge relay coil; fridge relay pilot; fridge relay control; fridge changeover relay; fridge 12v relay
fridge heating element | switched-supply load comfort-lost | fridge element; fridge heater; fridge heating element; absorption fridge heater; fridge 12v; fridge supply; fridge feed; fridge dc
fridge electronics | battery load dead | fridge logic; fridge electronics; fridge control board; fridge board; fridge constant; fridge permanent; fridge control; fridge electronics feed; fridge electronics supply; fridge hot; fridge live; fridge feed; fridge 12v; fridge supply
# habitation lamps
habitation lamp | lamp-feed load comfort-lost | habitation lamp; lounge lamp; leisure lamp; house lamp; saloon lamp; galley lamp; washroom lamp; living area lamp; cabin lamp; tent lamp inside; patient compartment lamp; patient lamp; passenger compartment lamp; living room lamp; saloon lamps full; saloon lamps dim; cabin main lamps; cabin main lamps high; cabin main lamps low; cabin main lamp; interior main lamp; saloon lamp full; saloon lamp dim; interior main lamp high; interior main lamp low; living area lamps; ward lamp
awning lamp | lamp-feed load comfort-lost | awning lamp; porch lamp; exterior lamp; outside lamp; outside tent lamp; tent lamp; ambient tent lamp; external lamp; light output external; external lights; outdoor lamp; porch; entrance lamp; awning strip; awning led; awning led strip; led strip awning
deck lamp | lamp-feed load lamp-off | spreader lamp; deck lamp; cockpit lamp; deck flood; flood deck; deck flood lamp
# mains
mains present | switched-supply load nothing | mains present; ac ok; mains ok; hook up present; hook up; shore present; shore power detect; mains detect; mains detected; ac present; hook up detect; mains hook up present; 230v presence; 240v present; mains led; hook up led; presence 230v; shore indicator; mains presence; grid present; hook up lamp; shore power present; mains connected; shore connected; hookup
mains conductor | other-data passive dead high-voltage | mains conductor; mains live; mains neutral; mains earth; protective earth; shore power live; shore power neutral; hook up live; hook up neutral
mains charger output | battery source charge-lost | charger output; mains charger output; mains charger; charger plus; charger out; charger output plus; auxiliary charge input; auxiliary charge in; charge input; charger input; auxiliary charge
# entry step
step warning | switched-ground source lamp-off | step warning; step not stowed; step out warning; step warning lamp; step out lamp; step extended warning; step buzzer; step limit; step limit switch; step limit microswitch; step microswitch; step out microswitch; step position switch; step out switch
# toilet
toilet pump | switched-supply load comfort-lost | toilet flush; toilet pump; flush pump
toilet tank full | switched-ground load lamp-on | cassette full; toilet tank full; holding tank full; black tank full
# battery sense
battery sense | battery load reads-wrong | battery sense; battery voltage sense; voltage sense; starter battery sense; starter battery voltage sense; house battery sense; leisure battery sense; service battery sense; v sense; pack sense; battery monitor sense; auxiliary battery sense; second battery sense; leisure sense; aux sense; split charge sense
# radio memory
radio memory | battery load memory-lost | radio memory; radio constant; radio permanent; radio backup; stereo memory; radio keep alive; radio battery; audio memory
# vehicle speed limit
speed limit | switched-ground load comfort-lost | speed limit; speed limiter; speed reduction; speed reduce; speed reduce input; creep speed; creep; turtle; slow speed switch; crawl; speed limit input; limp speed
# charging lock
charge inhibit | dry-contact load dead | charge inhibit; charger interlock; charge interlock; charger connected; charger plugged; charger plugged in; charging interlock; charger present; charger micro switch; inhibit; charger switch; charging switch; charger microswitch; charger lockout; charge flap switch; charge port switch; charge flap; charge lid switch; charge door switch; charge inlet switch; charge cap switch; plug in inhibit
# battery gauge
battery discharge indicator | analog source reads-wrong | battery gauge; bdi; battery indicator; discharge meter; battery meter; state charge; charge gauge; battery gauge signal; soc; state of charge; soc gauge; soc meter; soc display; charge level; battery low; low battery; battery low lamp; low battery lamp; battery low warning; low volts; low voltage; low battery warning; low volt lamp
# accelerator supply
accelerator supply | sensor-supply source limp | accelerator supply; accelerator potentiometer supply; accelerator potentiometer plus; throttle potentiometer supply; accelerator potentiometer feed; accelerator plus
# interlock
tiller brake switch | switched-supply load dead | tiller; tiller switch; tiller upright; tiller brake switch; tiller brake; interlock tiller; tiller interlock; drawbar switch
emergency reverse switch | switched-supply load dead | belly button; belly switch; emergency reverse; emergency reverse switch; emerg reverse; anti crush; anti crush button; belly reverse; anti pinch button
interlock | dry-contact load dead | interlock; interlock switch; interlock input; pedal interlock
# hydraulic pump
pump contactor | switched-ground source dead | pump contactor; pump contactor driver; pump cont; pump contactor coil; pump cont drv; hydraulic contactor; lift contactor coil; lift contactor; lift pump contactor; hydraulic pump contactor
lift motor | switched-supply load dead | lift motor; hydraulic pump motor; pump motor lift; hydraulic motor; power pack; hydraulic pump; lift pump motor; power pack motor
# hydraulic valve
rotator | pwm load dead | rotator; rotate valve; rotate clockwise; rotate counterclockwise; rotator clockwise; rotator counterclockwise; rotation valve; grapple rotate; rotator prop
hammer valve | switched-supply load dead | hammer solenoid; hammer valve; hammer mode solenoid; breaker valve; breaker solenoid; hydraulic hammer; breaker mode
hydraulic lockout | switched-ground load dead | seat bar lockout; safety lever switch; lockout lever; hydraulic lock lever; gate lock lever; safety lever; seat bar; hydraulic lockout; pilot lockout; lever lock; lever lock solenoid; pilot shut off; pilot shut off solenoid; pilot cut; pilot lock; safety lock solenoid; pilot control shut off
lift valve | switched-ground source dead | lift valve; raise valve; hydraulic lift valve; lifting valve; dump up valve; dump up; tip up valve; raise valve coil; tipper raise valve; tip valve; hoist up; hoist up valve; dump raise valve; hoist raise
lower valve | switched-ground source dead | lower valve; lowering valve; hydraulic lower valve; down valve; lower solenoid; lowering solenoid; lower sol
# tipper
tipper raise | switched-supply load dead | tipper up; tipper raise; tipper raise switch; raise body; tipping; hoist raise
body up switch | switched-supply load lamp-on | body up switch; body raised switch; tipper body raised; body raised lamp; body up lamp; body proximity switch; proximity switch body; tipper up lamp; tipper body up warning; body up warning; body up signal; body raised; body up; hoist up; hoist up lamp; bed up; body raised warning; body raised sensor; body raised sensor signal; body proximity; body prox; tip up lamp; tipped lamp; tip lamp; body up prox; body up prox switch; body up proximity switch; tipper raised; tipper up; tipper up switch; dump up switch; dump body up; dump bed up; bed up switch
tailgate lock valve | switched-supply source dead | tailgate lock valve; tailgate lock; tailgate latch; tailgate latch valve; tailboard lock; tailboard valve; tailgate lock solenoid; tailboard lock valve
# retarder
retarder | switched-supply load comfort-lost | retarder; retarder switch; retarder stage; retarder request; retarder relay; retarder stage switch
retarder lamp | switched-ground source lamp-off | retarder lamp; retarder active lamp; retarder on lamp; retarder telltale
retarder brake lamp | switched-supply source lamp-off | retarder brake lamp; retarder stop lamp; stop lamp retarder; brake lamp retarder; stop lamp when retarder
retarder temperature | resistive-sensor load limp | retarder temperature; retarder oil temperature; retarder coolant temperature
# status lamp
status lamp | switched-ground source nothing | status lamp; status; status output; status led
# four-wheel drive
four-wheel drive coupling | switched-supply source comfort-lost | lock magnet; electromagnetic coupling; mag clutch transfer; transfer clutch; front axle clutch; hub lock
four-wheel drive mode | switched-ground load comfort-lost | mode select switch; 4wd mode switch; mode select; drive mode; mode switch; 2h; 4h; 4l; knob 4h; knob 4l; drive select
transfer position switch | switched-ground load comfort-lost | motor position switch; transfer position switch; shift motor position; encoder position; range position; transfer case position; transfer case position sensor
transfer shift motor | switched-supply source dead | shift motor; transfer shift motor; transfer motor; 4wd motor; 4wd shift motor; range motor; transfer case motor; encoder motor
# gas mixture
mixture potentiometer | analog load poor-running | co potentiometer; mixture potentiometer; mixture trim; mixture trim potentiometer; co adjust; idle mixture; fuel trim potentiometer
# tail lift
platform open lamp | switched-ground source lamp-off | platform open warning; platform not home; platform open lamp; tail lift open warning; tail lift not stowed; tail lift not closed; platform not stowed; lift warning cab
platform lamp | lamp-feed load lamp-off | platform flasher; platform lamp flap; warning lamps platform; flap lamp; tailboard lamp; platform warning lamps
tail lift tilt out | switched-supply load dead | tilt out; open platform; platform open; platform tilt out
tail lift tilt in | switched-supply load dead | tilt in; close platform; platform close; platform tilt in
tail lift lower | switched-supply load dead | foot control lower; hand set lower; lift down; platform down; platform lower; wander lead down; foot pedal down; lower button; down button; down solenoid; remote down; pendant down; down valve
tail lift raise | switched-supply load dead | foot control raise; hand set raise; lift up; platform up; platform raise; wander lead up; foot pedal up; raise button; up button; up solenoid; remote up; pendant up
# governor
air shutdown flap | switched-supply source no-start | air flap; air shut off; air shut off flap; air shutdown; air shutdown valve; overspeed shut down; air intake shutoff; air shut off valve; air shutoff flap; air intake flap shut
magnetic pickup | vr-pair load no-start | magnetic pickup; flywheel pickup; flywheel sensor; ring gear pickup; pickup high; pickup low; mag pickup; magnet pick up; magnet pick up high; magnet pick up low; magnet pickup
idle rated switch | switched-ground load nothing | idle rated; idle rated switch; rated speed; rated idle; idle run switch
speed lower | switched-ground load nothing | speed lower; lower speed; rpm lower; decrease speed; speed down button
speed raise | switched-ground load nothing | speed raise; raise speed; rpm raise; increase speed; speed up button
governor actuator | pwm source no-start | governor; governor actuator; governor output; act a; act b; actuator plus; actuator minus; speed actuator; rack actuator
# converter
converter input | battery load dead | converter in; converter input; dcdc in; dcdc input; converter supply; reducer in; reducer input; converter plus in; converter in plus
# gear shift
launch switch | switched-ground load nothing | launch; launch switch; launch button; launch control; launch control switch; two step; 2 step; clutch launch
shift load cell | analog load nothing | strain gauge knob; shift knob; strain gauge; shift sensor knob; gear lever force; gear cut sensor; shift force
# crane
boom stowed lamp | switched-ground source lamp-off | boom not in cradle; boom not in cradle lamp; boom stowed lamp; boom cradle lamp; boom not stowed
load cell | analog load reads-wrong | load signal; load sensor crane; load pin; load cell signal; load weight; overload sensor; load sig; load cell plus; load cell minus; weigh cell; weigh cell signal; weigh cell excitation; load cell ex
# injection pump
pump quantity position | analog load no-start | control sleeve position; control sleeve; rack position; quantity feedback; fuel quantity position; spill ring position; quantity adjuster position; delivery position
# gritter
work position switch | switched-ground load comfort-lost | work position; work position switch; implement switch; implement down; working position; implement position; lift switch implement
application rate motor | pwm source dead | application rate motor; meter motor; metering motor; meter mtr; rate motor
disc speed sensor | hall load limp | spinner disc sensor; disc rpm; spinner rpm; spinner sensor; disc sensor; spinner disc left sensor; spinner disc right sensor
metering shaft sensor | hall load limp | metering shaft; metering shaft sensor; meter rpm; metering rpm; seed shaft; meter shaft
shutter position | analog load reads-wrong | gate position; shutter position; gate pos
shutter actuator | switched-supply source dead | gate actuator; gate open; gate close; shutter actuator; gate motor; shutter open; shutter close
hopper level switch | switched-ground load lamp-on | bin level; hopper level; hopper low; bin low; bin empty; hopper empty; grain tank level; seed level; tank low level
`;

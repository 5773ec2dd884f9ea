/**
 * Word forms, a line each: what the lexicon knows, then the ways it is written. A form may stand for several words; plurals
 * are understood without being listed. Abbreviations follow SAE J1930 / ISO 15031-2 usage (from memory); spellings, makers'
 * English from German and Japanese diagrams, names and everyday German are common practice, no source.
 */
export const WORD_FORMS = `
# parts
sensor: sender sndr sens snsr sen transmitter xmtr xmitter probe transducer xdcr geber fühler fuehler sonde senser sensr aufnehmer messer sensoren gebern
switch: sw swi swt swtch schalter taster taste button btn pushbutton push rocker stalk
relay: rly rel rla rely relais rl
solenoid: sol solnd solen soln
valve: vlv val ventil ventile magnetventil
motor: mtr mot motoren actuator actr actuators servo stellmotor stellglied
pump: pmp pumps pumpe
heater: htr heating heizung heiz heizer heat
lamp: lp lmp light lights lite lt bulb globe globes leuchte leuchten lampe lampen licht lichter filament led leds lts ltg
warning: warn wrng wng warnung
telltale: pilot kontrollleuchte kontrolllampe kontrollampe warnleuchte warnlampe
gauge: ga gage gge anzeige anzeiger gages
winding: windings wdg wndg wicklung
contact: kontakt contacts
injector: inj injr inje einspritzventil einspritzdüse injektor einspritz
coil: spule coils bobine
module: mod modul
control unit: ecu ecm pcm dme dde edc tcm tcu bcm gem steuergerät steuergeraet controller computer
fan: lüfter luefter ventilator fans lufter
blower: blwr blw gebläse geblaese
fuel: kraftstoff benzin petrol gasoline
diesel: dsl
oil: öl oel
water: wtr wasser
coolant: clnt cool kühlmittel kuehlmittel kühlwasser
radiator: rad radtr kühler kuehler
temperature: temp tempr tmp temperatur temprature temperture
pressure: press prs pres druck psi mano
position: posn positn stellung lage pos
level: lvl lev leveling levelling leveler leveller füllstand fuellstand
speed: spd geschwindigkeit
flow: flw
air: luft
throttle: thr throt thrtl drosselklappe drossel
pedal: pdl ped
accelerator: accel acclr fahrpedal gaspedal
brake: brk brakes brks bremse bremsen brems braking
clutch: kupplung kupplungs
handbrake: handbremse feststellbremse parkbremse
steering: strg steer lenkung lenk
wheel: whl
gear: gang gänge
gearbox: getriebe transmission trans trns gbx tranny trannie
engine: eng
ignition: ign igniton ignit ig zündung zuendung zünd zuend ignitn
starter: strtr str startr anlasser
start: st strt starting
crank: cranking crnk cranks
crankshaft: kurbelwelle kurbelwellen
camshaft: cam nockenwelle nockenwellen camshft
alternator: alt altr alternater altenator lichtmaschine lima dynamo drehstromgenerator
generator: gen genr
battery: bat batt batterie bty btry vb
charge: chg charging chrg laden ladung lade ladekontrolle charges
supply: sup supp sply versorgung spannungsversorgung suply stromversorgung
power: pwr powered
feed: fd fdr feeds zuleitung
voltage: spannung
ground: gnd grnd earth masse grd erde gnds
chassis: chas chss fahrgestell
body: karosserie bodywork
signal: sig sgnl singal signl sgl information info
reference: ref refer refn
return: rtn ret retn returns
common: com comm comn gemeinsam commons
shield: shld screens screened schirm abschirmung shielded braid braided drain scrn shielding
control: ctrl cntrl contr cntl ctl steuerung ansteuerung controls steuer
command: cmd cmnd commanded
request: req rqst reqst demand demanded anforderung requested
input: eingang inputs inp
output: ausgang outputs outp
enable: freigabe enbl
trigger: trig trg trigg triggers
feedback: fdbk fbk rückmeldung
monitor: mon
status: stat
constant: const konstant
permanent: perm dauerplus permanently permnt
always: stets
switched: swd switchd geschaltet geschaltetes geschaltete
hot: live
key: schlüssel schluessel
accessory: acc accy accessories zubehör acces
memory: mem
fuse: fused fuses sicherung fusible
breaker: bkr
door: tür tuer dr türen
window: wdo wndw wdw fenster wndo
lock: lck verriegeln verriegelung locking locks
unlock: unlk unlck entriegeln unlocking ul unlck
central: zentral
mirror: mir mirr spiegel aussenspiegel außenspiegel
seat: sitz
roof: dach
bonnet: hood motorhaube haube
boot: tgate trunk kofferraum tailgate hatch decklid liftgate heckklappe bootlid trunklid heckteil
horn: hupe signalhorn hooter horns
wiper: wpr wischer scheibenwischer wipers wipe
washer: wash wshr waschpumpe waschanlage waschwasser wasch
windscreen: windshield windscrn frontscheibe scheibe
headlamp: headlight hdlp hdlmp scheinwerfer headlt hl hdlt hdlts
beam: bm
high beam: fernlicht hibeam highbeam hb
low beam: abblendlicht lobeam lowbeam abblend lb
dip: dipped dipping
turn: trn blinker winker fahrtrichtungsanzeiger trafficator blink turnsignal
indicator: ind indic indicators indcr
flasher: flashers flash blinkgeber flashing
hazard: haz hazards warnblinker warnblink fourway distress
stop lamp: bremslicht bremsleuchte brakelight stoplight stoplamp brakelamp
stop: stp
tail lamp: taillight rücklicht ruecklicht schlusslicht schlussleuchte taillamp
side lamp: sidelight standlicht begrenzungslicht begrenzungsleuchte sidelamp
park: prk parking pk parked
marker: mkr markr mrkr clearance
reverse: rvs reversing rev reverser revers rückwärts rueckwaerts
reverse lamp: rückfahrlicht rückfahrscheinwerfer rueckfahrlicht
fog: nebel
fog lamp: foglamp foglight nebelscheinwerfer
rear fog lamp: nebelschlussleuchte nebelschlusslicht nsl
plate: licence license lic kennzeichen tag
number plate: numberplate kennzeichenleuchte
interior lamp: innenlicht innenleuchte innenraumlicht
interior: innenraum cabin cab raum internal interior intern
daytime: daylight
daytime running lamp: drl tagfahrlicht
cornering: abbiege
illumination: ill illum illumin beleuchtung lighting backlight backlt bklt backlighting illuminated
instrument: instr instruments kombiinstrument
dimmer: dim dimming rheostat dimmed
dash: dashboard cluster armaturenbrett ipc facia fascia
tachometer: tach tacho drehzahlmesser tachometr revcounter
engine speed: rpm drehzahl motordrehzahl
speedometer: speedo spdo
odometer: odo
fluid: fld flüssigkeit liquid
glow: glüh glueh preheat vorglüh vorglühen
plug: plg kerze
spark: sprk
purge: prg
vacuum: vac unterdruck
boost: bst ladedruck
exhaust: exh exhst abgas
manifold: manif saugrohr
ambient: amb außen aussen outside outdoor umgebung exterior
intake: inlet ansaug intk inl
evaporator: evaporatr verdampfer
condenser: kondensator
compressor: compr comp compressr kompressor klimakompressor cprsr
refrigerant: refr kältemittel freon
aircon: ac airco klima klimaanlage hvac airconditioning airconditioner
antenna: aerial ant antenne
speaker: spkr spk lautsprecher loudspeaker speakers
subwoofer: subs woofer
amplifier: verstärker amplif
radio: autoradio stereo headunit
microphone: mic mikrofon mike
camera: kamera
lighter: cigar cigarette zigarettenanzünder
socket: steckdose outlet skt
trailer: anhänger anhaenger trlr caravan towbar towing
winch: winde
transfer: xfer transf
differential: sperre
torque: trq drehmoment
converter: conv wandler
shift: shft gearshift schalt
neutral: neut nuetral leerlauf nutral
overdrive: od
range: rng fahrstufe
turbine: turb
shaft: welle
line: ln leitung
immobiliser: immo immobilizer wegfahrsperre immob
alarm: alrm
siren: sirene
airbag: srs airbags squib
belt: gurt seatbelt
pretensioner: gurtstraffer straffer
passenger: passgr beifahrer codriver
driver: fahrer
diagnostic: diag diagnose diagnosis diagnostics obd dlc obdii scan
link: lnk
serial: ser seriell uart
data: daten
pulse: pulses puls impuls impulse pls freq frequency pulsed imp imps
duty: tastverhältnis
knock: klopf klopfsensor detonation deton det
oxygen: oxy
oxygen sensor: lambda lam lambdasonde ho2s h02s o2s ego lsf ox
wideband: breitband lsu wb uego
egr: agr abgasrückführung
particulate: partikelfilter dpf fap
adblue: def urea scr
metering: zumess
dosing: dosier
expansion: header ausgleichsbehälter degas
shortage: mangel
buzzer: summer beeper chime gong sounder
clock: uhr
phone: telephone handy tel
mute: stummschaltung muting
house: leisure domestic aufbaubatterie habitation
inverter: wechselrichter inv
anchor: ankerlicht anch
navigation: nav
forward: fwd vor fward vorwärts fwds vorwaerts
power take off: pto nebenantrieb zapfwelle
suspension: susp federung luftfederung
height: hgt höhe
axle: achse
tyre: tire reifen
stability: esp esc dsc
traction: asr tcs
angle: winkel
contactor: contactr schütz schuetz ctr
potentiometer: pot poti potmeter potentiometr
encoder: enc
interlock: intlk ilk
sunroof: moonroof schiebedach
beacon: rundumleuchte strobe blitzleuchte blitzleuchten blitzer frontblitzer blitzlampe
work lamp: arbeitsscheinwerfer worklight worklamp workinglight
cruise: tempomat cc
fridge: kühlschrank refrigerator
awning: markise
tipper: kipper
hydraulic: hyd hydr hydraulik hydro
shutdown: shutoff
thermostat: thermo thermoschalter
lid: deckel
flap: klappe
recirculation: recirc umluft rec recirculate recirculating recirculated
defrost: defrst defog defogger demist demister demisting entfroster defroster
rear window heater: heckscheibenheizung hrw
fold: anklappen folding
adjust: adj verstell einstellung adjustment adjuster
rain: regen
distance: abstand
fault: error störung stoerung fehler failure malfunction
bank: bnk
cylinder: cyl zylinder cyls
number: nr num nummer
channel: chan kanal ch
low pressure switch: lps
high pressure switch: hps
house battery: 
plus: positive positiv
minus: negative negativ neg
via: through thru über
unit: units
auxiliary: aux auxillary zusatz
electric: electrical elec elektrisch elektrische el
main: mn haupt
second: 2nd secondary
first: 1st primary
closed: close closing closes
open: opening opens öffnen oeffnen
empty: leer
spare: unused reserved rsvd dnc
pickup: inductive
magnet: magnetic mag
hall: halleffect
wheel speed sensor: wss raddrehzahlsensor
mass air flow: maf afm luftmassenmesser lmm vg hfm
volume air flow: vaf
throttle position sensor: tps tp vta
accelerator position sensor: app apps aps vpa pps
coolant temperature sensor: ect clt cts thw wts
intake air temperature sensor: iat tha ats
manifold absolute pressure sensor: map pim
crankshaft position sensor: drehzahlgeber ckp cps ckps
camshaft position sensor: cmp cmps 
camshaft sensor bank: vv
oil control valve: ocv oc
knock sensor: ks knk
oxygen sensor heater: ht
engine oil pressure: eop
engine oil temperature: eot
engine coolant level: ecl
cylinder head temperature: cht
exhaust gas temperature: egt egrt
charge air temperature: cact
charge air cooler: cac
barometric pressure: baro hac
fuel pump: fp
fuel pump monitor: fpm
fuel rail pressure: frp rps railpressure
fuel tank pressure: ftp
particulate differential pressure: dpfp dpfe
vehicle speed sensor: vss
vehicle speed: vspd gal tachymetric
idle air control: iac isc iacv iscv leerlaufsteller leerlaufregler leerlaufregelventil aac rso
purge valve: evap evapcan
variable valve timing: vvt vcp vtc vct nockenwellenverstellung nockenwellenversteller
malfunction indicator lamp: mil cel motorkontrollleuchte mkl motorkontrollampe awl
brake pedal switch: bpp boo bls brakeswitch
brake test switch: bts
clutch pedal switch: cpp
park neutral switch: pnp pns nss
transmission range: tr prndl trs prnd
transmission fluid temperature: tft tot
transmission fluid pressure: tfp
turbine shaft speed: tss iss
output shaft speed: oss abtriebsdrehzahl
shift solenoid: ss
pressure control solenoid: pcs epc slt
torque converter clutch: tcc slu
power steering pressure: psp
steering wheel controls: swc
ignition trigger: igt est
ignition confirmation: igf idm
main relay: mrel mrly asd pwrtn
circuit opening relay: cor
ignition switch: igsw ignsw
starter signal: sta
sensor supply: vcc vref vc vcpa
sensor return: agnd sgnd sensgnd evg eta epa srtn sgrtn sigrtn
power ground: pgnd
battery supply: vbat vbatt ubat vbb
ignition supply: vign ksi vig
park distance control: pdc
tyre pressure monitor: tpms
electronic power steering: eps
electric park brake: epb
water in fuel: wif
start inhibit: inhibitor anlasssperre anlaßsperre startsperre
high mounted stop lamp: chmsl
throttle motor: tac etb etm drosselklappensteller drosselklappenantrieb dbw
fan control: fc
turn left: bl
turn right: br
neutral start switch: nsw
air fuel ratio: afr
high voltage: hv hochvolt
high voltage interlock: hvil
exhaust gas recirculation: 
keep alive: kam keepalive
vehicle: veh
service brake: betriebsbremse
gear selector: selector wählhebel waehlhebel
paddle: paddles wippe
snow plough: snowplow
earthed: grounded earthing grounds earths grounding
hours: hourmeter betriebsstundenzähler
combination: combi kombi
headlamp washer: swra
light switch: lichtschalter
turn switch: blinkerschalter
wiper switch: wischerschalter
stop lamp switch: bremslichtschalter
oil pressure switch: öldruckschalter oeldruckschalter öldruck
reverse lamp switch: rückfahrschalter
central locking: zv zentralverriegelung
coolant temperature: kühlmitteltemperatur
fuel level: tankanzeige tankgeber
handbrake switch: handbremsschalter
ignition coil: zündspule zuendspule
spark plug: zündkerze
road speed: wegsignal geschwindigkeitssignal
instrument illumination: instrumentenbeleuchtung
ignition lock: zündschloss zuendschloss
glow plug: glühkerze gluehkerze
trailer socket: anhängersteckdose
antenna amplifier: antennenverstärker
left: l lh lhs lft links li lks linke linker linkes linken nearside port
right: r rh rhs rgt rechts re rechte rechter rechtes rechten offside starboard stbd
front: frt fr vorn vorne vo vordere vorderer fnt
rear: rr hinten hintere hinterer aft heck
high: hi hoch
low: lo niedrig slow
upper: top oben
lower: bottom unten senken absenken
inner: inboard innen
outer: outboard
terminal: term
block: blk
clutch: clu
check: chk
without: ohne
with: mit
pulled: pull pulls pulling
closed: closer
open: opener
fast: schnell
inside: inwendig
fused: abgesichert
remote: rem
trim: trimm ptt
bell: klingel
# german
control: kontrolle regelung regler
idle:
vent: entlüftung entlueftung belüftung
glow plug: glühzeit gluehzeit
window lift: fensterheber fh
headlamp level: leuchtweiten lwr leuchtweite
stage: stufe stage
park: rückstellung rueckstellung parkstellung
headlamp flash: lichthupe
auxiliary heater: standheizung zusatzheizung
oil pressure: oeldruck
turn signal: fahrtrichtung
on: ein an
off: aus
unlock: auf
lock: zu
cylinder: zyl zylind
engine: motorsteuerung
immobiliser: wfs
mirror adjust: spiegelverstellung
seat adjust: sitzverstellung
rear lamp: heckleuchte
air mass: luftmasse
boost control: ladedruckregelung
cruise: geschwindigkeitsregelanlage gra
gear selector: wählhebel
clutch pedal: kupplungspedal
brake pedal: bremspedal
brake fluid: bremsflüssigkeit bremsfluessigkeit
coolant level: kühlmittelstand kuehlmittelstand kühlwasserstand
washer fluid: waschwasserstand
fuel level: tankinhalt kraftstoffvorrat tankuhr
dash: anzeigeinstrument
horn: fanfare
alarm: dwa
accessory: radio-zubehör
hazard: warnblinkanlage warnblinkschalter
rain sensor: regensensor
park distance control: einparkhilfe
sunroof: hebedach
door: fahrertür beifahrertür
boot lock: heckschloss
blower: innenraumgebläse
compressor clutch: magnetkupplung mgc
interior temperature: innentemperatur
ambient temperature: außentemperatur aussentemperatur
supply: stromzufuhr speisung
sensor ground: gebermasse sensormasse bezugsmasse
signal ground: signalmasse
wheel speed: raddrehzahl
speed: tempo
level: niveau
suspension: fahrwerk niveauregulierung
# controllers and sheets
primer: prime priming
oxygen sensor: hego eego
rear window defrost: rdef
condenser: cond
handbrake: pkb pbrk
reverse lamp: b/u bul
temperature: tempsensor
mass air flow: mafs
digital: dig dgtl din
analog: anlg
pulse: frq
driver: drvr
windscreen wiper: wsw
parking lamp: pl
turn: trnsig
power: pw
brake lamp switch:
stop lamp: stl
accelerator pedal:
coolant: coolnt
engine coolant: ec
air intake: ai
boost: mapboost
lamp: lmps
warning lamp:
park brake: prkbrk
unit: ecus
ignition: ignt
flasher: flshr
front: ft frnt
injector: injs
output: outp
position: psn
distributor: dist distr verteilerfinger dizzy zündverteiler zuendverteiler verteiler
engine speed: revs
diagnostic: selfdiagnosis
duty: clocked getaktet
idle: idling
exhaust brake: motorbremse
shore: mains hookup
solar: pv photovoltaic
oil: lubricating lube
hs out: hsd hso
ls out: lsd lso
resistive: res
broom: brush
resistance: resistor
operator: occupant
stabilisation: stabilization stabiliser
service reminder: sri
oil temperature: oilt öltemperatur oeltemperatur
oil level: ölstand oelstand
gearbox oil temperature: getriebeöltemperatur
oil pressure telltale: öldruckkontrolle
boost control valve: ladedruckregelventil ladedruckregler vgt vnt vtg
fuel pump relay: fpr
wastegate: wg
controller: steller
differential lock: differentialsperre
turbine speed: antriebsdrehzahl
rear wiper: heckwischer
fuel shutoff valve: abstellventil abstellmagnet etr
electric coolant pump: ewp
flex fuel: e85
shift cut: quickshifter quickshift
refrigerant pressure: acp
turn telltale: blinkerkontrolle blinkkontrolle
temperature sensor: kty
seat belt switch: gurtschloss gurtschlossschalter gurtschloß
fuel low lamp: tankwarnleuchte reservewarnleuchte
glow lamp: vorglühkontrolle vorgluehkontrolle vorglühkontrollleuchte
ignition plus: zündungsplus zuendungsplus
spark timing output: spout
crankshaft sensor: otgeber
hall sensor: hallgeber
voltage regulator: rvc
fresh water pump: frischwasserpumpe
bilge pump: lenzpumpe
status lamp: led-status
speed limit: turtle
battery discharge indicator: bdi
convertible top motor: verdeck verdeckmotor
blend door: mischklappe temperaturklappe
brake pad wear: belagverschleiss belagverschleiß
fuel flap: tankklappe tankdeckel
steering lock: elv
secondary air pump: sai sekundärluftpumpe sekundaerluftpumpe
intake runner valve: saugrohrumschaltung schaltsaugrohr imrc
thermostat heater: kennfeldthermostat
four wheel drive switch: allrad
emergency stop: not-aus notaus
steering assist valve: evo
toilet: wc
interval: int
two: zwei
work: working
down: dn dwn
mounted: mtd mntd
brake fluid level: bfl
rotating: revolving
increase: inc incr raise+
decrease: dec decr
fresh: fre
vertical: vert
horizontal: horiz
medium: med
ml:
mh:
bulkhead: firewall
decelerate: decel
accelerate:
hitch: linkage
television: tv
temperature gauge: thermometer
rearward: rwd zurück zurueck rearwards backward backwards bwd bkwd
fuel metering valve: imv scv zme mprop fmu
extend: extension
retract: retraction retr
cushion: squab
recline: recliner recl
shuttle: fnr
proximity: prox proxy
direct current: dc
overrun clutch solenoid: ovc
sport: 
unfused: 
aircon compressor: klimakompressor
engine temperature: motortemperatur
route: destination
call: 
gritter: spreader salter
display: displays
blade: 
leveller: levellers
brown: 
purple: 
orange: 
pink: 
grey: gray recovery
violet: 
closing: 
inhibit: inh
drive: drv
stop engine lamp: rsl
idle validation: ivs
ethernet: eth
unfold: unfolding ausklappen
regeneration: 
logger: logging log
limiter: 
acknowledge: ack
lane: 
slave: 
setpoint: sollwert
glow pin: glühstift gluehstift
squeegee: squeegees
depth: 
echo: 
release: opnr rlse releas
reminder: remind
backrest: rückenlehne rueckenlehne lehne
low oil pressure: lop
high water temperature: hwt hct
low coolant level: lcl
magnetic pickup: mpu
state of charge: soc
power steering switch: pssw
aircon clutch relay: acmg
aircon switch: acsw
microswitch: mikroschalter
boiler: therme
loadcell: strain
overheat: overheating
longitudinal: längs laengs
governor: gov
presence: present detected
main contactor: mc
lever: hebel bedienhebel bedienungshebel
set: setzen
resume: wiederaufnahme wiederaufn
destination: dest
bin: hopper
gate: shutter
weigh: weighing
screen: scn scrn
washroom: bathroom toilet wc
clockwise: cw
counterclockwise: ccw anticlockwise
brake pad: bremsbelag belag
brake pad sensor: bremsbelagfühler bremsbelagfuehler belagfühler
oil level: ölniveau oelniveau
road speed: wegstrecke wegstreckensignal wegstreckenzähler
trip computer: bordcomputer boardcomputer
body: aufbau
column switch: lenkstock lenkstockschalter lenksäulenschalter
command: befehl befehls
fan unit: gmv
malfunction lamp: eobd
permanent: dauerspannung dauer
neutral: neu
tip over: tos
thermistor temperature sensor: therm thermistance thermistors
coast clutch: ccs
gear selector position: mlps
overdrive off lamp: tcil
run supply fuse: vpwr
keep alive memory: kapwr
engine speed: motordrehz
headlamp: scheinw
hot: heiss heiß
cold: kalt
vehicle: fzg fahrzeug
contact: kontakte
opener: öffner oeffner
closer: schliesser schließer
spring: feder
step: schritt
stepper motor: schrittmotor
clutch: kuppl
pedal: pedale
trunk: gepäckraum
heated: beheizt beheizbar
boost pressure: ladeluftdruck
charge air temperature: ladelufttemperatur
intake air temperature: ansauglufttemperatur
exhaust gas temperature: abgastemperatur
knock sensor: klopfsensoren
camshaft: nocken
throttle potentiometer: drosselklappenpotentiometer drosselklappenpoti
starter: starter
relay: schütze
injection: einspritzung
fuel pump: kraftstoffpumpe benzinpumpe
tank vent: tankentlüftung aktivkohle
purge valve: tankentlüftungsventil aktivkohlefilter
gearbox: getr
reverse gear: rückwärtsgang rueckwaertsgang
trailer: anh
washer: wascher
screen washer: scheibenwaschanlage scheibenwascher
turn signal: blinklicht
main beam: aufblendlicht
fog lamp: nebelsw
interior lamp: innenbel
cigar lighter: anzünder
door contact: türkontakt tuerkontakt
seat heater: sitzheizung
lock: schloss schloß riegel
unlock: entriegelung
central lock: zentralverr
outrigger: outrig outriggers outr
stabiliser: stab
header: hdr
solenoid valve: ev elettrovalvola elettrovalvole electrovanne electrovalve electrovalves
power: leistung leistungs
switched: geschalteter
supply: speisungs
buzzer: buzz
tachometer: drehz
lock: sperren
vehicle speed output: vso
wheel speed: wsp
pump motor supply: ubmr
valve supply: ubvr
awning: vorzelt vorzeltleuchten
step: trittstufe einstiegsstufe
extend: ausfahren
retract: einfahren
full: voll
waste water: abwasser grauwasser
mains: netz netzspannung
present: vorhanden
heating element: heizpatrone
electronic: elektronik electronics
circuit: kreis stromkreis
interior lamp: innenbeleuchtung deckenleuchte leseleuchte
fresh water: frischwasser
house battery: bordbatterie wohnraumbatterie
starter battery: starterbatterie fahrzeugbatterie
sense: fühlerleitung
charge: ladeleitung
engine speed: rotational
adjust: adjusting adjusts
retract: stow stowed stowing
extend: deploy deployed deploying
load space: laderaum ladebereich
from: vom
to: zum zur
washer: squirt squirter
wiper: wipe wipes
preheater: pre-heater vorheizer
bplus: ubatt ubat
supply: ub
rudder: rud
increase: faster
decrease: slower
busbar: busbars bus-bar
water temperature: wt
intake air temperature: ait mat
knock: pinking ping
coil on plug: cop
rotary solenoid: rsc
glow plug: gp
tumble: tumble
paddle: paddle
park brake: hbr pkb pbrake parkbrake
main beam: brights
daytime: dtrl
restraint: sir
shield: screening
potentiometer: potbox potbx
dcdc: dc/dc dc-dc
revolution: revolutions umdrehung
buckle: unbuckled unlatched
pitot: pitot
crankshaft: crk
wiper: wip wips wpr
heated: htd
trunk: trk
horn: hrn
panel: pnl
trailer: trl trlr
window: win wdo wdw
lock: lk
open: opn
intermittent: interm
malfunction: malf
refrigerant: refrig
audio: aud
cigar: cig
lighter: ltr
exhaust gas recirculation valve: egrv
glow plug relay: gpr
immobiliser: imm
cruise: crz ascd
blower: blr blwr
instrument: inst
fuel level: flvl
oil pressure: oilp
rear wiper: rwip
rear fog: rfog
radiator fan: rfan
seat belt: sbelt
evaporator temperature: evapt
ambient temperature: ambt
pressure switch: pressostat manocontact
wiper: wiping
defrost: defrosting
radio: wireless autoradio
filter: filt
beacon: bcn
habitation: hab
stage: stg
hour: hr
external: external extern ext
section: sect
discharge: disch dischrg
tricolour: tri
vehicle speed signal: tachosignal
switched plus: schaltplus
glovebox: handschuhfach
fuel pressure: fuelp
headboard: headboard
fifth: fifth 5th
blues: blues
intake air: ansaugluft
plough: plow plows
screen washer: screenwash
boot lamp: laderaumbeleuchtung laderaumleuchte kofferraumleuchte kofferraumbeleuchtung
after: après apres
sensor: capteur capteurs sonde
supply: alimentation
steering wheel controls: lenkradfernbedienung
resistance: widerstand
high coolant temperature: het
discharge air temperature: dat
comes: coming comming
rear washer: heckwaschpumpe heckwaschanlage heckscheibenwaschpumpe heckwascher
bplus stud: plusverteiler
warm up regulator: warmlaufregler
auxiliary air valve: zusatzluftschieber
thermostat time switch: thermozeitschalter
electric load: els
raise: anheben heben
occupied: besetzt belegt
foot board: trittbrett
reverse inhibit: rückfahrsperre rückwärtsgangsperre
engine speed up: drehzahlanhebung
joystick: joy jstk jystk
platform: plat
agitator: rührwerk
slew: drehwerk
communication: comms
packer: presse
bucket: schaufel löffel
`;

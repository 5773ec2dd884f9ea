/**
 * Things of different families that one and the same wire goes by, in the words of either end: the phase of an alternator is a rev counter's
 * signal, the compressor's clutch is what was asked for. Each line holds one end before the bar and what it may be called at the other
 * end behind it (common practice, no source).
 */
export const KIN = `
air conditioning request | compressor clutch; compressor feed; compressor relay; refrigerant pressure switch; idle up; air conditioning permission
compressor clutch | temperature switch; compressor feed; compressor relay; air conditioning permission; refrigerant pressure switch
tachometer | alternator phase; ignition coil; crankshaft position; magnetic pickup; shaft speed
crankshaft position | magnetic pickup
ignition trigger | distributor pickup; ignition amplifier
ignition coil | ignition amplifier; distributor pickup
vehicle speed | wheel speed sensor; output shaft speed; travel speed; radar sensor; speed limit
crank signal | start inhibit; starter relay; start signal; remote start input; genset start
start signal | starter relay; remote start input; genset start; start inhibit
starter relay | start inhibit; remote start input; genset start
remote start input | genset start
engine stop | low oil shutdown; interlock
buzzer | alarm siren; horn; common alarm
alarm siren | horn; common alarm
fault lamp | malfunction indicator lamp; stop engine lamp; alarm lamp general; status lamp; engine warning
malfunction indicator lamp | stop engine lamp; engine warning; alarm lamp general
stop engine lamp | alarm lamp general; engine warning; common alarm
status lamp | alarm lamp general; engine running; genset running lamp; immobiliser lamp
charge indicator | split charge relay
engine running | split charge relay; genset running lamp; hour meter; oil pressure switch
side lamp | trailer tail lamp; navigation lamp
tail lamp | trailer tail lamp
stop lamp | trailer stop lamp
reverse lamp | trailer reverse lamp; camera signal; transmission range; travel alarm
rear fog lamp | fog cut-off
trailer detect | fog cut-off
trailer charging line | split charge relay; fridge relay
fridge relay | split charge relay
trailer supply | power socket
electromagnetic brake | trailer brake output; electric park brake motor
interlock | seat switch; body up switch; basket interlock; park brake switch; neutral switch; pedal switch
clutch switch | launch switch; pedal switch
closed throttle switch | pedal switch
stop lamp switch | pedal switch; tiller brake switch
neutral switch | transmission range
reverse lamp switch | transmission range
accelerator position | accelerator supply; engine speed adjust
engine speed adjust | governor actuator; idle rated switch; speed raise; speed lower
radiator fan | motor supply; motor return; fan override switch; fan speed setting; temperature switch; gearbox cooler fan
door ajar switch | sliding door switch; load door switch
interior lamp | door lamp; habitation lamp; ambient lighting
habitation lamp | ambient lighting
boot switch | boot lamp
boot release | tailgate motor
door lock motor | alarm arm signal
door unlock motor | alarm disarm signal
lock switch | alarm arm signal
unlock switch | alarm disarm signal
horn | siren inhibit
lift valve | plough lift; tail lift raise; tipper raise; hitch raise; boom lift
lower valve | plough lift; tail lift lower; hitch lower
lift motor | pump
differential lock | four-wheel drive switch; air locker; four-wheel drive coupling
antenna signal | power antenna
exhaust brake | retarder; retarder lamp
creeper | speed limit; travel speed
mains present | shore power
battery sense | voltmeter; battery discharge indicator; starter battery; alternator sense
work lamp | front fog lamp; search lamp; deck lamp; awning lamp; boom lamp
radio memory | clock
alternator field | voltage regulator
main relay | contactor; motor supply; relay contact output
battery disconnect | contactor
charger enable | wake
wake | amplifier turn-on; run tow switch
drive enable | contactor; interlock; run tow switch
crash signal | inertia switch
inertia switch | fuel pump relay
thermocouple | exhaust gas temperature; cylinder head temperature
oil pressure lamp | oil level
oil temperature | transmission fluid temperature
outrigger | outrigger switch
load resistor | turn lamp
door open request | door ajar switch; door valve control; handle request switch
gear display | transmission range
abs lamp | abs control unit
electric coolant pump | fresh water pump
seat motor supply | constant supply
inlet lock motor | door lock motor
pressure sensor | manifold pressure
coolant level | water tank level
`;

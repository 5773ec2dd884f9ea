/**
 * Engine, gearbox, starting and charging. A line: name | usual signal, direction seen from the module, what happens when it is left
 * open | the phrases it goes by. Lines between two headings are one family: related, but not the same wire. Abbreviations follow SAE J1930
 * (from memory); classes, directions and consequences are common practice, no source.
 */
export const ENGINE = `
# coolant temperature
coolant temperature switch | switched-ground load lamp-on | high water temperature; high water temperature switch; high coolant temperature; high coolant temperature contact; high coolant temperature switch; coolant temperature switch; overheat switch; over temperature switch; water temperature switch; temperature switch engine; engine overheat; cooling water alarm; cooling water alarm contact; water temperature alarm; water temp alarm switch; coolant alarm; water alarm; engine temperature alarm
coolant temperature | resistive-sensor load limp | coolant temperature; engine coolant temperature; water temperature; engine temperature; temperature gauge; temperature sensor; bottom tank temperature; radiator temperature; temperature; coolant gauge; water gauge; coolant sensor; water sensor; temperature number 1; thermistor; coolant
temperature warning lamp | switched-ground source lamp-off | temperature warning lamp; temperature telltale; overheat lamp; hot lamp; overtemperature lamp; coolant temperature lamp; temperature lamp; water temperature lamp
temperature switch | switched-ground load comfort-lost | temperature switch; thermostat switch; radiator thermostat; fan switch; fan thermostat; radiator fan thermostat; radiator switch; thermostat; coolant temperature switch; thermal switch; thermotime switch; thermal switch; thermo switch; thermo switch radiator; fan thermo switch; radiator switch
cylinder head temperature | resistive-sensor load limp | cylinder head temperature; head temperature
# coolant level
coolant level | switched-ground load lamp-on | coolant level; engine coolant level; coolant shortage; expansion tank switch; expansion tank; coolant low; water level; coolant level lamp; expansion tank lamp; coolant shortage contact; expansion tank level; low coolant; low coolant sensor; low coolant switch; coolant low sensor; low coolant level; low coolant level probe; coolant level probe; low water level; radiator level; low water; low coolant float; water level low; coolant float; coolant low float
# oil pressure
gearbox oil alarm | switched-ground load lamp-on | gear oil alarm; gearbox oil pressure switch; gear oil pressure switch; gearbox oil alarm; transmission oil alarm; gear oil switch
oil pressure | resistive-sensor load reads-wrong | oil pressure; engine oil pressure; oil pressure gauge; oil pressure sensor; oil sensor; oil gauge
oil pressure switch | switched-ground load lamp-off | oil pressure switch; oil switch; oil pressure contact; engine oil pressure switch; low oil pressure; oil warning switch; oil lamp sensor; oil lamp switch; oil pressure sensor idiot lamp; low oil pressure contact; low oil pressure switch; oil low; oil press low switch; oil pressure alarm; oil pressure alarm contact; oil alarm; oil alarm switch; oil alarm contact
oil pressure lamp | switched-ground load lamp-off | oil lamp; oil pressure lamp; oil warning lamp; oil warning; oil telltale; oil pressure warning; oil pressure telltale; oil pressure warning lamp; oil control lamp; oil indicator; low oil pressure lamp; oil alarm lamp; low oil alarm lamp; oil alarm; oil wl
# oil temperature
oil temperature | resistive-sensor load code | oil temperature; engine oil temperature
# oil level
oil level | resistive-sensor load lamp-on | oil level; engine oil level; oil level sensor; oil level switch; low oil level; hydraulic tank level; hydraulic oil level; hydraulic level; hydraulic tank low
# air temperature
intake air temperature | resistive-sensor load poor-running | intake air temperature; intake temperature; air temperature; manifold air temperature; act; inlet air; intake air; plenum temperature; air charge temperature
charge air temperature | resistive-sensor load limp | charge air temperature; boost air temperature; charge air cooler; intercooler temperature; charge air cooler temperature; charge temperature; boost temperature; plenum temperature
outside temperature | resistive-sensor load reads-wrong | outside temperature; ambient temperature; ambient air temperature; oat; outside air; outside sensor; outside; mirror temperature sensor; ambient temperature sensor in mirror; ambient temperature sensor mirror
# throttle position
throttle position | analog load limp | throttle position; throttle position sensor; throttle sensor; throttle potentiometer; throttle signal; throttle position signal; throttle angle; throttle; vta; throttle body position; throttle body sensor; throttle body signal
closed throttle switch | switched-ground load poor-running | closed throttle; closed throttle position; idle switch; idle contact; ctp; idle position switch; throttle idle switch; accelerator switch idle; idle switch accelerator; idle contact load sensor; pedal switch idle; idle validation; idle validation switch
wide open throttle switch | switched-ground load poor-running | wide open throttle; wot; full load switch; full throttle switch; full load contact; throttle switch full load; full load; full throttle; throttle full load; kick down full load
throttle motor | pwm source limp | throttle motor; throttle control motor; electronic throttle; throttle body motor; etc motor; tb; throttle valve motor; throttle motor control; throttle drive; electronic throttle motor; etc m; throttle m; etc motor; etc; throttle body motor; motor throttle body
# accelerator position
accelerator position | analog load limp | accelerator position; accelerator position sensor; accelerator pedal; accelerator pedal position; pedal position; pedal sensor; accelerator pedal sensor; gas pedal; throttle pedal; pedal potentiometer; ap; accelerator; foot pedal; pedal; throttle potentiometer pedal; potentiometer; accelerator wiper; accelerator potentiometer wiper; accelerator potentiometer
kickdown switch | switched-ground load nothing | kickdown; kick down; kickdown switch; detent switch
pedal switch | switched-supply load dead | pedal switch; accelerator switch; throttle switch; foot switch; interlock pedal; accelerator pedal switch; pedal micro; throttle interlock; foot switch throttle; pedal micro switch; micro switch pedal; throttle microswitch; throttle micro switch
# manifold pressure
manifold pressure | analog load limp | manifold absolute pressure; manifold absolute pressure sensor; manifold pressure; boost pressure; boost sensor; intake pressure; boost gauge; intake manifold pressure; vacuum sensor; turbo pressure; boost input; boost in
manifold differential pressure | analog load poor-running | mdp; manifold differential pressure
barometric pressure | analog load poor-running | barometric pressure; ambient pressure; altitude sensor; atmospheric pressure; altitude; barometric sensor; barometric
# air flow
mass air flow | analog load poor-running | mass air flow; air flow meter; air flow sensor; air mass; air mass meter; hot film; air meter; airflow meter; airflow sensor; airflow; air flow; air mass; air mass signal; air mass meter
volume air flow | analog load poor-running | volume air flow; vane air flow; air vane; flap air flow
# crankshaft position
crankshaft position | vr-pair load no-start | crankshaft position; crankshaft position sensor; crank sensor; crank position; crank position sensor; crankshaft sensor; engine speed sensor; crank pickup; engine position; reference mark sensor; tdc sensor; ne signal; crank angle sensor; crank trigger; flywheel sensor; crankshaft; crankshaft speed; engine speed sensor plus; flywheel pin sensor; crankshaft signal; trigger 1 crankshaft; crank angle; crank angle sensor signal; ot sensor; engine speed sensor flywheel; crank signal sensor; crank speed; trigger wheel; trigger wheel sensor; crank trigger wheel sensor; crank trigger wheel; wheel pickup; rpm pickup; engine speed pickup; trigger 1; trigger 1 vr; trigger 1 vr plus; trigger 1 vr minus; primary trigger; vr trigger; trigger 1; crank trigger; primary trigger
camshaft position | hall load no-start | camshaft position; camshaft position sensor; camshaft sensor; phase sensor; cylinder id; sync; camshaft; cylinder identification; camshaft timing sensor; camshaft sensor bank; synchronisation; home signal; cam angle sensor; home; phase; cylinder reference; cam tdc sensor; tdc sensor cam; cid; cid sensor; cylinder identification sensor; cam sync; trigger 2 sync; trigger 2; sync trigger; cam trigger
distributor pickup | vr-pair load no-start | distributor pickup; distributor signal; pickup coil; pip; distributor hall; distributor; distributor sensor; distributor trigger; distributor pickup coil
# knock sensor
knock sensor | analog load poor-running | knock sensor; knock; knock control
# oxygen sensor
oxygen sensor | analog load code | oxygen sensor; heated oxygen sensor; air fuel ratio; a/f; air fuel sensor; narrow band; oxygen; lambda signal
oxygen sensor heater | switched-ground source code | oxygen sensor heater; heater oxygen sensor; oxygen heater; lambda heater; heater of oxygen sensor; sensor heater; oxygen sensor heater control
wideband pump current | other-data source code | wideband pump; pump current; pump cell; oxygen sensor pump current; ip
wideband nernst cell | analog load code | nernst; nernst cell; nernst voltage; vs cell
wideband oxygen sensor | analog load code | wideband; wideband signal; wideband output; wideband oxygen sensor; wideband analog; wideband 0; afr analog output; afr output; lambda analog; lambda controller output; lambda controller; afr 0 5v; afr input
# exhaust
exhaust temperature switch | switched-ground load lamp-on | exhaust temperature alarm; exhaust water temperature; exhaust water temperature alarm; exhaust temperature switch; exhaust alarm; exhaust temp switch
exhaust gas temperature | resistive-sensor load code | exhaust gas temperature; exhaust temperature; catalyst temperature; exhaust gas sensor; pyrometer; egt; particulate temperature; particulate inlet temperature; exhaust temperature; particulate temperature in; particulate temperature out
exhaust differential pressure | analog load limp | differential pressure; particulate pressure; particulate differential pressure; particulate filter pressure; exhaust pressure; exhaust back pressure; dpf differential pressure; dpf diff pressure; dpf pressure; differential pressure exhaust; diff pressure sensor; particulate diff pressure; delta p; delta p sensor; diff pressure; delta pressure; soot pressure; particulate pressure
nox sensor | other-data both limp | nox; nox sensor
adblue pump | pwm source limp | adblue pump; adblue dosing; adblue injector; reductant pump; adblue dosing valve
adblue level | resistive-sensor load lamp-on | adblue level; reductant level; adblue tank; adblue quality
adblue temperature | resistive-sensor load limp | adblue temperature; adblue tank temperature; adblue temperature sensor
exhaust brake | switched-ground source comfort-lost | exhaust brake; exhaust brake valve; engine brake; jake brake; exhaust flap; compression brake; engine brake solenoid
regeneration switch | switched-ground load nothing | regeneration; regeneration request; regeneration force; regeneration switch; force regeneration; parked regeneration; regeneration start; regeneration enable
regeneration inhibit | switched-ground load nothing | regeneration inhibit; inhibit regeneration; regeneration stop; regeneration in
exhaust gas recirculation valve | pwm source code | egr; egr valve; exhaust gas recirculation; egr solenoid; exhaust gas recirculation valve; egr control; egr motor
exhaust gas recirculation position | analog load code | egr position; egr lift; egr valve position; egr feedback; exhaust gas recirculation position
# fuel pressure
fuel rail pressure | analog load limp | fuel rail pressure; rail pressure; fuel pressure sensor; fuel pressure
fuel temperature | resistive-sensor load code | fuel temperature; fts; fuel temp
flex fuel sensor | pwm load poor-running | flex fuel; flexible fuel; ethanol sensor; fuel composition; ethanol; ff
water in fuel | switched-ground load lamp-off | water in fuel; fuel water; fuel filter water; water separator
# injector
injector | switched-ground source poor-running | injector; fuel injector; injector control; injector driver; injector output; injection
direct injector high side | coil source poor-running | injector high; direct injector; injector boost; injector high side
cold start injector | switched-ground source poor-running | cold start injector; cold start valve; fifth injector; cold start jet; start injector
# glow
glow plug | switched-supply source poor-running | glow plug; heater plug; intake heater; grid heater; manifold heater; air heater; glow plug control; glow; flame start
glow plug relay | switched-ground source poor-running | glow relay; glow plug relay; glow control; intake heater relay; grid heater relay; t19; glow plug control relay; pre heater relay; preheater relay; preheat relay; pre heat relay control; preheat; cold start aid; cold starting aid; flame start; flame plug; thermostart; air heater relay; grid heater; start aid; glow button; heat push; preheat relay output; preheat push; preheat button
glow start | start load no-start | t17; glow start
glow lamp | switched-ground source lamp-off | glow lamp; glow plug lamp; wait to start; wait lamp; glow indicator; glow telltale; wait to start lamp; glow plug telltale; coil lamp
# fuel shut-off
fuel shut-off valve | switched-supply source no-start | fuel cut; fuel cut solenoid; stop solenoid; fuel shutdown valve; shutdown solenoid; fuel stop solenoid; fuel solenoid; engine stop solenoid; run solenoid; fuel shutdown; fuel lock; fuel valve; fuel cut valve; fuel shut off; shut off solenoid; injection pump solenoid; fuel shutoff valve; shutdown valve diesel; shutdown valve; diesel stop solenoid; fuel stop; fuel shut off hold; pull to run; stop valve; fuel shutoff hold; fuel shutoff pull; hold coil; pull coil; stop magnet; run valve; fuel hold; fuel rack solenoid; fuel rack; fuel output; fuel out; fuel relay output; run relay; fuel solenoid output; rack solenoid; energise to run; energise to stop; stop sol; stop magnet energise
engine stop | switched-ground load nothing | engine stop; engine stop request; stop switch engine; engine kill; kill; kill switch; engine shutdown; engine cut; engine stop switch; emergency stop; ignition kill; ignition cut; stop engine; e stop; emergency stop switch; remote stop; remote engine stop; stop solenoid switch; engine stop button; stop engine switch; stop push button engine
magneto stop | switched-ground source nothing | t2; magneto; short circuit terminal; magneto kill; magneto stop
fuel metering valve | switched-ground source limp | fuel metering; metering unit; mprop; fuel quantity valve; intake metering valve; suction control valve; rail pressure valve; pressure control valve; fuel pressure regulator; fuel quantity; metering valve; suction control valve; inlet metering valve
# fuel pump
fuel pump | switched-supply source no-start | fuel pump; fuel pump feed; pump feed fuel; lift pump; electric fuel pump; fuel lift pump; transfer pump; efi pump; circuit opening relay; tank pump; pump tank; in tank pump; pump hot tank
fuel pump relay | switched-ground source no-start | fuel pump relay; fuel pump control; pump relay fuel; fuel pump module; fuel relay; fuel pump driver; fuel pump trigger; fuel pump relay trigger; fuel pump request
fuel pump monitor | switched-supply load code | fuel pump monitor; fuel pump feedback
heater fuel pump | pwm source dead | heater fuel pump; dosing pump; heater dosing pump; metering pump; fuel dosing pump
# main relay
main relay | switched-ground source no-start | main relay; power relay; control unit relay; eec relay; system relay; rm; relay module; efi relay; ecu relay; efi main relay; main relay hold; engine relay; power hold; relay hold; ecu main relay; engine control relay
# idle
idle air control | coil source poor-running | idle air control; idle valve; idle speed control; idle stepper; idle air valve; idle control valve; idle speed valve; idle air control valve; idle speed control valve; idle speed motor; stepper motor; iac motor; idle motor; idle; idle actuator; isc valve; idle stabilisation valve; idle stabilisation; idle control; auxiliary air device; auxiliary air valve; extra air valve; bypass air valve; idle up valve; idle bypass valve
idle up | switched-supply source poor-running | idle up; idle up valve; fast idle; fast idle valve; high idle; vsv idle; idle up request; idle kicker; idle kicker solenoid; kicker solenoid
intake throttle valve | pwm source code | intake throttle; intake throttle valve; air shut off flap; intake shut off flap; air shut off valve; intake flap; throttle flap; anti shudder valve; intake air throttle
engine speed adjust | switched-supply load comfort-lost | hand throttle; idle raise; idle adjust; engine speed increase; engine speed decrease; engine speed up; engine speed down; throttle up; throttle down; rpm increase; rpm decrease; hand throttle increase; hand throttle decrease; idle increase; idle decrease
# air valves
purge valve | switched-ground source code | purge valve; canister purge; evaporative purge; evaporative emission; carbon canister; purge solenoid; canister purge valve; purge; evap solenoid; tank vent valve; charcoal canister; tank venting valve; tank vent valve purge; purge volume control solenoid; canister purge volume control; tank venting; canister; canister valve; cps purge valve; canister purge solenoid; tank vent; tank vent valve; canister valve; tank breather valve
canister vent valve | switched-ground source code | canister vent; evap vent; vent solenoid; canister vent valve; canister close valve
fuel tank pressure | analog load code | fuel tank pressure; tank pressure; vapour pressure
secondary air pump | switched-ground source code | second air; air injection; second air pump; air pump; pair; second air injection; pulsed second air injection; air; second air valve; air suction
boost control valve | pwm source limp | boost control; wastegate; turbo solenoid; boost solenoid; n75; wastegate valve; turbocharger; turbo; vnt; boost control solenoid; boost control valve; turbo actuator; tc; turbine control; boost valve; wastegate solenoid; wastegate duty; boost duty; boost output; boost out; turbo vane; vane control; turbo actuator; turbo vane actuator; variable nozzle; variable geometry turbo; turbo control
supercharger clutch | switched-supply source limp | supercharger; supercharger clutch; sc
variable valve timing | pwm source code | variable valve timing; cam phaser; oil control valve; valve timing solenoid; camshaft solenoid; vvt solenoid; variable valve timing solenoid; camshaft control; camshaft timing; cam timing; camshaft actuator; phaser; variable valve timing control; vtec solenoid; camshaft adjust; cam advance; cam advance solenoid; cam control solenoid; cam phasing valve
intake runner valve | switched-ground source code | intake runner; imrc; runner control; intake manifold tuning; swirl flap; variable intake; intake manifold flap; runner valve; intake flap; swirl valve; intake control
engine mount valve | switched-ground source comfort-lost | engine mount; mount solenoid; hydraulic mount; hydraulic engine mount
electric coolant pump | pwm source overheats | coolant pump; electric water pump; auxiliary coolant pump; electric coolant pump; circulation pump; auxiliary water pump; water pump pwm; engine water pump; additional coolant pump; water pump speed; water pump speed control; water pump control; water pump pwm; water pump feedback; engine water pump; auxiliary water pump; circulation pump
thermostat heater | switched-ground source code | map thermostat; thermostat heater; thermostat control
# radiator fan
radiator fan | switched-ground source overheats | radiator fan; cooling fan; engine fan; fan; thermostat fan; fan relay; fan control; fan motor; fan feed; fan speed control; fan speed; radiator cooling fan; condenser fan; fan controller; electric fan; fan driver; fan output; fan request; fan clutch; viscous fan; radiator fan motor; fan pwm; engine cooling fan; cooling fan relay; cf relay; condenser fan relay
fan speed feedback | pwm source nothing | fan speed feedback; fan tach; fan feedback; fan monitor
# ignition coil
ignition coil | coil source no-start | ignition coil; coil; t1; coil negative; coil primary; coil driver; ignition coil control; coil control; di; ei; t1a; t1b; coil minus; coil trigger; coil on plug; spark output; igniter; ignition driver; ignition coil driver; points; contact breaker; ignition coil igniter; coil pack; ignition coil minus; spark; igniter trigger
ignition coil supply | ignition load no-start | ignition coil supply; coil supply; coil positive; coil feed; coil plus; ignition coil plus; ignition coil feed; coil power; coil hot
ignition trigger | pwm load no-start | ignition trigger; spark control; ignition control; icm; ignition module; ignition command; electronic spark timing; spark timing; spout; spark timing output; igniter signal; coil logic; logic coil; logic level coil; coil logic level; ignition module trigger; spark signal; ignition logic; spark logic; ignition logic output
ignition confirmation | pwm source code | ignition confirmation; ignition diagnostic monitor; ignition feedback; ignition confirmation signal; ignition fail signal
ignition high voltage | other-data source no-start | t4; t4a; t4b; spark plug lead; high tension; ht lead; spark plug; high tension lead
shift cut | switched-ground load comfort-lost | shift cut; timing retard; torque reduction; torque reduction request; retard request; pulls timing; timing cut; ignition retard; torque cut; torque intervention; torque request; load signal; launch control; flat shift; clutch cut; gear cut
pit limiter switch | switched-ground load nothing | pit limiter; pit lane speed; pit lane limiter; pit speed; pit switch; pit lane
alarm acknowledge switch | switched-ground load nothing | alarm acknowledge; alarm acknowledge switch; acknowledge
logging switch | switched-ground load nothing | logger on; logger start; logger switch; logger start switch; logger
# engine speed
tachometer | pwm load reads-wrong | tachometer; engine speed; engine speed signal; td signal; tn signal; td; tachometer signal; rev counter; tach output; tach drive; engine speed output
# road speed
motor speed encoder | hall load dead | motor speed; motor speed sensor; encoder; encoder a; encoder b; speed magnet sensor; motor speed pickup; motor encoder; motor sensor; speed sensor channel; motor bearing; motor hall; rotor position; resolver
resolver cosine | hall load dead | resolver cosine; resolver cos; res c; resolver c; cos winding
resolver sine | hall load dead | resolver sine; resolver sin; res s; resolver s; sin winding
vehicle speed | pwm load reads-wrong | road speed; vehicle speed; speed signal; vehicle speed sensor; speedometer signal; speed pulse; speed; speedometer; speed sensor; speedometer drive; speed output; speed sensor signal; road speed signal; gala; vehicle speed signal; vehicle speed output; tachograph; tacho head; speed input; v signal; gala signal; km h; km h signal; kmh; wheel pulse; wheel pulse sensor; road speed radar; radar road speed; gps speed; speed from gps; gps speed pulse; tachymetric signal
# hours
hour meter | switched-supply load comfort-lost | hours; hour meter; hour gauge; engine hours; hour counter; running hours
# starter
engine run lock | switched-supply load nothing | run lock; engine run lock; key out run; run on lock; engine hold
starter relay | start source no-start | starter relay; starter solenoid; starter control; starter motor relay; starter; t50f; t50a; t50b; t50c; t50d; t50h; t48; starter motor solenoid; starter operating winding; starter solenoid spade; start solenoid; starter motor; starter trigger; solenoid trigger; starter output; starter solenoid trigger; starter wire; starter solenoid s terminal; starter interrupt; start motor; start relay; cranking motor; crank relay; crank relay coil; crank output; cranking relay; starter s terminal; starter solenoid s; solenoid s terminal; s terminal starter; start relay output; crank out; start output relay; start relay trigger
starter main supply | battery load no-start | t45; t45a; t45b; starter main; starter battery cable; starter main stud; starter battery post; starter solenoid battery post; starter solenoid main stud; starter stud; solenoid battery stud; starter battery stud; starter cable; starter b terminal
# start interlock
start inhibit | switched-ground load no-start interlock | start inhibit; start lock; t50e; t50g; start interlock; starter interlock; crank inhibit; starter inhibit; start inhibit relay; starter lockout; crank interlock; start enable interlock; start lockout
clutch switch | switched-ground load no-start interlock | clutch switch; clutch; clutch pedal position; clutch pedal; clutch pedal switch; clutch pedal position switch; clutch position; clutch start switch; clutch interlock switch; clutch signal
side stand switch | switched-ground load no-start interlock | side stand; side stand switch; side stand cut out; prop stand; kick stand
neutral switch | switched-ground load no-start interlock | neutral switch; neutral; park neutral; park neutral position; park neutral switch; park neutral position switch; gear neutral; neutral safety; neutral safety switch; neutral position switch; neutral start switch; park neutral signal; gearbox neutral; neutral signal; neutral start; park nuetral; neutral lamp; pn switch; transmission in neutral
# alternator
charge indicator | charge-indicator both charge-lost | charge indicator; charge lamp; dplus; t61; alternator lamp; generator lamp; alternator exciter; exciter; l terminal; charge warning; alternator l terminal; generator l terminal; alternator indicator; alternator l; generator l; charge telltale; alternator warning; alternator warning lamp; battery lamp; battery warning lamp; charge control lamp; charging control; no charge lamp; ignition warning lamp; alternator excite; excite; charge warning lamp; idiot lamp; alternator dplus; wl terminal; alternator running; alternator running signal; charging indicator; alternator ind terminal; alternator ind; charge failure; alternator signal; alternator telltale; generator indicator; field excite; alternator charging; alternator idiot lamp; battery telltale; discharge lamp; charge; engine running signal alternator; alternator d; alternator run; alternator fail; alternator failure; charge signal; alternator terminal l; generator terminal l; terminal l alternator; terminal l generator; battery charge telltale; battery charge lamp; battery charge indicator; battery charge warning; charge control telltale; generator turn on; alternator turn on; generator turn on signal; alternator turn on signal; alternator enable; generator enable
alternator field | pwm source charge-lost | alternator field; df; dfm; tdf; tdf1; tdf2; generator field; field; alternator command; generator control; alternator control; alternator f terminal; field control; generator f terminal; alternator load; generator command; alternator fr; terminal df1; terminal df2; terminal df; alternator f; alternator dfm
alternator sense | battery load charge-lost | alternator sense; s terminal; sense; alternator s terminal; regulator sense; alternator voltage sense; alternator s; generator sense; s terminal alternator; generator battery voltage sense; battery voltage sense generator; generator voltage sense; alternator battery sense; generator battery sense; alternator battery voltage sense
alternator output | battery source charge-lost | alternator output; alternator bplus; t51; t51e; generator output; generator; alternator main output; alternator b terminal; alternator b; alternator main; alternator; generator bplus; alternator feed; alternator out; alternator battery; charge cable; charge cable battery; alternator b plus; alternator stud; alternator output cable
alternator phase | pwm source nothing | alternator w; alternator phase; t59; t59a; t59b; t59c; phase tap; w terminal; alternator w terminal; alternator stator; alternator tach; alternator ac tap; stator; alternator terminal p; alternator p; p terminal; alternator frequency; phase terminal; alternator tacho; alternator pulse
alternator com | lin both charge-lost | alternator lin; alternator com; bss; generator com; generator lin; alternator data; alternator communication; generator communication
voltage regulator | pwm both charge-lost | voltage regulator; regulator; regulator field
battery sensor | lin both code | battery sensor; ibs; battery monitor sensor; battery monitor; battery current sensor; shunt
split charge relay | switched-ground source charge-lost | split charge; split charge relay; battery combiner; dual battery relay; battery isolator; vsr; voltage sensitive relay; second battery charge; isolator relay
solar panel | battery source charge-lost | solar; solar panel; solar charger; solar regulator; solar input; solar charge; solar regulator output; mppt
# gearbox
reverse inhibit | switched-supply source comfort-lost | reverse inhibit; reverse inhibit solenoid; reverse lockout; reverse lockout solenoid; reverse lock solenoid
transmission range | analog load limp | transmission range; range sensor; gear position; range switch; selector position; gear selector; transmission range sensor; range; gear position sensor; shift lever position; gear indicator; gear position switch; selector lever; inhibitor switch signal; gearbox position indicator; position indicator; gear position indicator; gearbox position
transmission fluid temperature | resistive-sensor load limp | transmission fluid temperature; gearbox temperature; gearbox oil temperature; gearbox fluid temperature; atf temperature; gearbox hot; temperature atf; atf; temperature 1 atf; gearbox oil temperature sensor; fluid temperature; fluid temperature sensor; trans temperature; temperature gearbox
oil temperature lamp | switched-ground source lamp-off | oil temperature lamp; oil temperature warning; oil temperature warning lamp; warning lamp oil temperature; gearbox temperature lamp; gearbox oil temperature lamp; gearbox hot lamp; dash lamp gearbox hot; warning lamp gearbox oil temperature; gearbox temperature warning lamp; oil temperature telltale
transmission fluid pressure | analog load limp | transmission fluid pressure; line pressure sensor; gearbox pressure; gearbox fluid pressure; gearbox oil pressure
turbine speed | vr-pair load limp | turbine speed; input speed; turbine shaft speed; input shaft speed; turbine speed sensor; input speed sensor; input shaft speed sensor; turbine revolution; turbine revolution sensor; input shaft revolution; input shaft revolution sensor
output shaft speed | vr-pair load limp | output shaft speed; output speed; gearbox output speed; output speed sensor; output shaft speed sensor; output shaft revolution; output shaft revolution sensor; revolution sensor output shaft; revolution sensor gearbox output shaft; output shaft revolution sensor gearbox; gearbox output shaft; output shaft
shift solenoid | switched-ground source limp | shift solenoid; shift valve; solenoid a; solenoid b; gear solenoid; gearbox solenoid; shift solenoid valve; 3 2 control solenoid; 3 2 solenoid; 3 2 downshift solenoid; 3 2 timing solenoid; 2 3 shift solenoid; 1 2 shift solenoid; 3 4 shift solenoid; 1 2 solenoid; 2 3 solenoid; 3 4 solenoid; 4 5 solenoid; shift timing solenoid; kickdown solenoid; solenoid s1; solenoid s2; solenoid s3; solenoid s4
overrun clutch solenoid | switched-ground source limp | overrun clutch; overrun clutch solenoid; overrun clutch solenoid valve; overrun; overrun solenoid
pressure control solenoid | pwm source limp | pressure control solenoid; line pressure solenoid; pressure solenoid; main pressure solenoid; line pressure; line pressure control; pressure regulator gearbox; force motor
torque converter clutch | switched-ground source code | torque converter clutch; lock up; lockup; lockup solenoid; converter lock; converter clutch; torque converter; lock up solenoid; tcc solenoid; converter lock up; lockup clutch
overdrive switch | switched-ground load comfort-lost | overdrive; overdrive switch; overdrive off; tow haul; overdrive solenoid; overdrive cancel
shift up switch | switched-ground load comfort-lost | shift up; upshift; paddle up; paddle plus; up shift; shift up paddle; gear up; paddle right; upshift paddle; tip up
shift down switch | switched-ground load comfort-lost | shift down; downshift; paddle down; paddle minus; down shift; tip down; shift down paddle; gear down; paddle left; downshift paddle
manual mode switch | switched-ground load comfort-lost | manual mode; tip mode; sport mode; sport switch; sport button; winter mode; mode switch; manual switch; power mode; economy mode; drive mode; manual gate; m gate; manual shift gate; mode; mode button
shift lock | switched-ground source comfort-lost | shift lock; shift lock solenoid; selector lock; key lock solenoid; shift interlock; btsi; brake shift interlock
park position switch | switched-ground load comfort-lost | selector in p; shift p switch; p switch; p position switch; selector p switch; park position switch; gear selector in p; gear selector p; lever in p; p detect
transfer case motor | switched-supply source dead | transfer case motor; transfer motor; transfer case; transfer case shift; 4x4 motor; four wheel drive motor
four-wheel drive switch | switched-ground load comfort-lost | four wheel drive; 4wd; four wheel drive switch; 4x4; awd; 4wd switch; low range switch; low range; front axle engaged; 4wd lamp; front axle; transfer low; four low; transfer low switch; 4 low
differential lock | switched-ground source comfort-lost | differential lock; diff lock; axle lock; locker; diff; differential lock lamp; cross lock; inter axle lock; rear locker; front locker; locker solenoid
power take-off switch | switched-supply load comfort-lost | power take off; power take off switch; power take off engaged; power take off request; power take off signal; power take off enable; auxiliary drive; power take off lamp; power take off active
power take-off speed | vr-pair load comfort-lost | power take off speed; power take off speed sensor; power take off engine speed; power take off engine speed sensor; power take off rpm; power take off shaft speed
power take-off valve | switched-supply source dead | power take off valve; power take off solenoid; power take off clutch; power take off relay
# reverse lamp
reverse | switched-supply load dead | reverse; direction reverse; reverse direction; reverse request; reverse signal; reverse solenoid; astern; reverse select
reverse lamp switch | switched-supply load lamp-off | reverse switch; reverse lamp switch; reverse gear switch; reverse gear signal; backup switch; backup lamp switch; back up switch; back up lamp switch; reverse switch gearbox
# start signal
start signal | start load no-start | start signal; starter signal; start input
engine running | switched-supply source comfort-lost | engine running; engine running signal; engine run; engine on; running signal; engine running output; ground while running; while running; ground when running; run signal; w run; engine run signal; engine running wire; dplus simulated; engine run wire
remote start input | switched-ground load comfort-lost | remote start; remote start input; remote starter; remote start trigger; start stop button; remote crank; remote crank request; engine start switch; engine start stop; pushstart; pushstart switch
engine warning | switched-ground source lamp-off | engine warning; engine protection; engine alarm; engine fault
forward | switched-supply load dead | forward; direction forward; forward direction; forward request; forward signal; forward select; ahead
contactor | switched-ground source dead | contactor; main contactor; line contactor; main solenoid; pack contactor; main coil; traction contactor; contactor coil; contactor control; main cont; contactor driver; line contactor drive; main contactor driver; contactor output
contactor supply | switched-supply source dead | coil supply contactor; contactor supply; contactor coil supply; coil feed contactor; common coil supply; coil return; driver supply; coil supply; contactor coil plus; driver coil supply; coil supply plus
precharge | switched-supply source dead | precharge; pre charge; precharge resistor; precharge relay; precharge contactor
motor temperature | resistive-sensor load limp | motor temperature; motor thermistor; controller temperature; motor temperature sensor; motor kty; kty motor; thermal cut out; motor thermal; thermal switch; motor temperature switch; motor overheat; motor thermostat; over temperature; overtemperature; motor over heat; motor over heat sensor; motor overheat sensor
run tow switch | dry-contact load dead | run tow; tow switch; run tow switch; tow; tow mode; maintenance switch
electromagnetic brake | switched-ground source dead | electromagnetic brake; em brake; motor brake; park brake solenoid; brake solenoid; brake coil; electric brake coil; brake release; electro brake; brake coil motor
`;

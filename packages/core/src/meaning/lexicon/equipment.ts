/**
 * Rarer parts of engines, bodies and chassis, and what hangs on farm, municipal, fire and building machines, boats, campers, electric
 * drives and sheets of alarm and radio fitters; written as in `engine.ts`. All of it is common practice, no source.
 */
export const EQUIPMENT = `
# air filter
air filter switch | switched-ground load lamp-on | air filter; air cleaner; air filter restriction; air cleaner restriction; air cleaner switch; air filter vacuum switch; dust indicator; dust indicator switch; air cleaner dust indicator; air cleaner dust indicator switch; restriction switch; restriction indicator; air filter clogged; air filter blocked; filter service switch; filter minder; intake restriction; air filter service; air restriction; clogging switch; air cleaner clogging; air filt; filter clogging air; filter clogged
hydraulic filter switch | switched-ground load lamp-on | hydraulic filter; hydraulic filter clogged; hydraulic filter blocked; return filter switch; oil filter switch; oil filter bypass; oil filter clogged; oil filter restriction; filter bypass switch; return filter; return filter clogged; filter restriction hyd; hyd filter; hydraulic filter restriction; return oil filter; return line filter; hydraulic return filter
fuel filter heater | switched-supply load poor-running | diesel heater filter; fuel heater relay; filter heater; fuel preheater; fuel filter preheating; fuel heater; fuel preheating
fuel filter pressure | switched-ground load lamp-on | fuel filter clogged; fuel filter restriction; fuel pressure switch; fuel restriction
# crankcase
crankcase pressure | analog load lamp-on | crankcase pressure sensor
breather heater | switched-supply load poor-running | crankcase heater; crankcase ventilation heater; pcv heater; pcv valve heater
# turbocharger
turbocharger speed | pwm load limp | turbo speed; turbo speed sensor; turbocharger speed sensor; charger speed
turbocharger position | analog load limp | turbo position; vane position; vgt position; boost actuator position
# adblue
adblue heater | switched-supply source limp | adblue line heater; adblue tank heater; reductant heater; adblue hose heater; adblue pump heater; adblue coolant valve
# radiator shutter
radiator shutter | other-data both poor-running | grille shutter; active grille; air shutter; radiator blind; air flap grille
# carburettor
choke | switched-supply load poor-running | automatic choke; auto choke; choke heater; electric choke; carburettor heater; carb heater; choke solenoid; choke pull down; choke actuator; fuel primer; primer solenoid; engine primer
choke lamp | switched-ground load lamp-off | choke lamp; choke lamp switch; choke cable lamp; choke warning lamp; choke warning; choke out lamp; choke telltale; choke pilot
idle cut-off valve | switched-supply load poor-running | idle cut off; idle cut off valve; idle jet; idle cut off solenoid; carburettor solenoid; anti run on valve; run on valve; anti diesel valve; carb solenoid; bowl vent; bowl vent solenoid; anti dieseling; anti dieseling solenoid; idle cut solenoid; idle cut
stepper winding | coil load poor-running | step; stepper; choke stepper; stepper; stepper coil; stepper motor coil; stepper motor phase; stepping motor; stepping motor coil; step a; step b; stepper a; stepper b; step motor phase
# - spark
ignition amplifier | ignition load no-start | ignition amplifier; ignition module supply; igniter supply; ignition box; cdi; cdi box; cdi supply; ignition unit; igniter; ignitor; igniter unit; tci module; hei module; power stage ignition; ignition power stage; switchgear tsz; spark box; cdi unit; ignition power module; ignition switching unit; ignition switchgear; transistor ignition
timing advance | analog load limp | timing advance; retard; octane plug; octane select
water injection | switched-supply load poor-running | water injection pump; methanol pump; meth injection; water meth pump; water meth; methanol injection; water methanol
nitrous | switched-supply load comfort-lost | nitrous solenoid; nos; nitrous arm
boost solenoid switch | switched-ground load comfort-lost | boost switch; boost map switch; map switch; map select; calibration select; tune select
# thermocouple
thermocouple | analog load reads-wrong | type k; k type; thermocouple type k; type k thermocouple
# block heater
block heater | unknown passive dead high-voltage | engine block heater; engine heater mains; coolant pre heater mains; engine pre heater mains
# - tip-over
exhaust servo | analog load limp | exhaust valve servo; servo motor exhaust; power valve; power valve servo
riding mode switch | switched-ground load comfort-lost | riding mode; ride mode; drive mode switch; eco mode; eco switch; eco button; snow mode
# gearbox
gear display | switched-ground source lamp-off | gear display; gear readout; selector lamp; range lamp; gear indicator; gear position indicator; prnd lamp; p lamp; gear lamp; gear position display; selector display; prnd display; gear number; gear selected; gear indicator data; selected gear; gear selected signal; prnd lcd; prnd lcd data; prnd display data; gear display serial
clutch actuator | switched-supply source limp | clutch motor; clutch valve; clutch release valve; clutch solenoid; clutch servo
clutch travel sensor | analog load limp | clutch travel; clutch position sensor; clutch pedal position sensor; clutch pedal travel; clutch stroke; clutch position sensor signal; clutch pos; clutch potentiometer; clutch pot
range change valve | switched-supply load limp | range change; range valve; splitter; splitter valve; range group; high range; range solenoid; split valve; splitter switch; range switch gearbox; high low range; splitter solenoid; coast clutch; coast clutch valve; coast clutch solenoid; overrun clutch valve
gearbox oil pump | pwm source limp | gearbox pump; transmission oil pump; gearbox cooler pump
gearbox cooler fan | switched-supply source overheats | oil cooler fan; transmission cooler fan; gearbox fan; hydraulic cooler fan; cooler fan
creeper | switched-supply load comfort-lost | creep mode; inching; inching switch; inch; creep button; crawler
hill descent switch | switched-ground load comfort-lost | hill descent; hill descent control; hdc; hill hold; hill start
park pawl actuator | switched-supply source limp | park pawl; park lock motor; parking lock actuator; parking pawl solenoid
# - battery
battery disconnect | switched-supply load dead | isolator; battery master; master switch; battery master switch; isolator coil; battery switch; kill switch battery; battery disconnect; disconnect switch; isolator solenoid; battery cut off; battery cutoff; adr switch; battery relay; battery link; link relay; parallel relay; emergency start parallel; link solenoid; battery isolator; isolation switch; cut off switch battery; master cutoff; master cut off; battery isolator switch; master isolator; isolator switch; battery kill switch; module disconnect; module disconnect relay; main switch status; battery disconnect switch feedback; main switch feedback; disconnect feedback; isolator feedback; isolator status
battery heater | switched-supply source comfort-lost | battery warming; pack heater; battery heat; battery warmer; battery pack heater
charger enable | switched-supply load charge-lost | charge enable; charge enabled; charge permit; permit to charge; charge permission; charge ok; bms charge enable; bms charge ok; ok to charge; charge request; lets charger start; charger may start; charger start enable; allow charging
discharge enable | switched-supply load dead | discharge ok; bms discharge enable; bms ok; bms fault; bms relay; permit to discharge; permit to drive; lets motor controller run; lets controller run; allow discharge; discharge permit; run permit battery; load enable bms; load enable; bms load enable
contactor feedback | dry-contact load dead | contactor auxiliary; contactor auxiliary contact; contactor sense; contactor status; weld detect; auxiliary contact; pack connected; pack connected lamp; battery connected lamp; contactors closed
# - interior
ambient lighting | lamp-feed load comfort-lost | ambient lamp; mood lamp; mood lighting; door handle lamp; welcome lamp; star roof; footwell strip; strip lamp
vanity lamp | lamp-feed load comfort-lost | vanity mirror lamp; visor lamp; make up lamp; mirror lamp
key ring lamp | lamp-feed load comfort-lost | ignition lock lamp; ignition key lamp; key cylinder lamp; key illumination; key ring illumination; ignition switch lamp; ignition barrel lamp; ignition barrel light; keyhole lamp; ignition keyhole light
retractable headlamp | switched-supply load lamp-off | pop up headlamp; headlamp motor up; headlamp motor down; headlamp retract; headlamp door motor; headlamp lift; headlamp raise; retractor; headlamp retractor; headlamp cover; concealed headlamp
search lamp | lamp-feed load lamp-off | searchlight; search light; hand lamp; inspection lamp
trailer reverse lamp | lamp-feed load lamp-off | trailer reverse; trailer reversing lamp; trailer backup; trailer back up; trailer backup lamp
roof sign | lamp-feed load lamp-off | taxi sign; sign lamp; for hire; for hire lamp; taximeter; meter flag; school bus sign; arrow board; arrow stick; traffic advisor; top lamp taxi; taxi top lamp
load resistor | lamp-feed load nothing | load resistor; flicker resistor; anti flicker load resistor; anti flicker resistor; lamp check resistor; bulb failure resistor; load resistor lamp check; load resistor end
washer jet heater | switched-supply load comfort-lost | washer nozzle heater; jet heater; nozzle heater; heated jets; heated washer jet; heated washer nozzle; wiper heater; wiper park heater; wiper rest heater; wiper blade heater
# seat
seat ventilation | switched-supply load comfort-lost | seat fan; seat blower; ventilated seat; cooled seat; seat cooling; seat climate; blower cushion; blower backrest; blower motor cushion; blower motor backrest; seat backrest fan; seat cushion fan
head restraint motor | switched-supply load comfort-lost | head restraint; head rest; headrest motor; head rest motor; headrest; headrest up; headrest down
massage motor | switched-supply load comfort-lost | massage; seat massage; massage pump
column adjust motor | switched-supply source comfort-lost | column tilt; column reach; steering column tilt; steering column adjust; column adjust; steering column telescopic; column telescope; tilt column
steering wheel heater | switched-supply source comfort-lost | heated steering wheel; wheel heater; heated grips; grip heater; heated grip; hand grip heater; handlebar heater; heated handlebar
pedal adjust motor | switched-supply source comfort-lost | pedal adjust; adjustable pedals; pedal motor
# - doors
sliding door motor | switched-supply source comfort-lost | sliding door; power sliding door; sliding door drive; power slider; slider motor; sliding door clutch
sliding door switch | switched-ground load comfort-lost | sliding door button; sliding door open command; sliding door open switch; sliding door command; sliding door open request; lsd button; rsd button; lsd open; rsd open; sliding door handle switch
door open request | switched-ground load comfort-lost | door open request; door close request; door exit request; request door
emergency door cock | switched-ground load lamp-on | emergency cock; emergency tap; emergency cock door; emergency tap door; emergency door valve; emergency door release; door emergency release; door emergency cock; door emergency valve
tailgate motor | switched-supply source comfort-lost | power tailgate; liftgate motor; power liftgate; tailgate drive; tailgate strut; tailgate spindle; hatch motor; power hatch; tailgate close; liftgate close; tailgate open drive; closing aid; tailgate closing aid; soft close; soft close motor; cinch motor; cinching motor; pull in aid; tailgate closing aid motor; electric liftgate; tailgate opening motor
spoiler motor | switched-supply source comfort-lost | spoiler; rear spoiler; rear wing motor; spoiler up; spoiler down
roof blind motor | switched-supply source comfort-lost | roof blind; sun blind; sunblind; rear blind; blind motor; sunshade; rear sunshade; curtain motor
garage opener | switched-ground source comfort-lost | garage door; garage door opener; garage remote
mirror position | analog load comfort-lost | mirror potentiometer; mirror position sensor; mirror feedback; mirror memory
mirror dimming | analog source comfort-lost | electrochromic mirror; anti dazzle mirror; auto dim mirror; auto dimming; mirror auto dim; electrochromic
# climate
compressor control valve | pwm source comfort-lost | compressor regulating valve; displacement valve; compressor displacement; ecv; refrigerant control valve; compressor valve
air quality sensor | analog load comfort-lost | air quality; aqs; smog sensor; pollution sensor; pollution
humidity sensor | analog load comfort-lost | humidity; dew point sensor; mist sensor; dew sensor
heater element | switched-supply source comfort-lost | ptc heater; auxiliary electric heater; electric heater; ptc stage; ptc relay; cabin heater contactor; fan heater
rear blower | switched-supply source comfort-lost | rear heater blower; rear fan; rear blower relay; rear blower motor; rear heater fan; rear aircon blower; rear heater
roof fan | switched-supply load comfort-lost | extractor; roof vent fan; ventilation fan; roof ventilator; canopy fan; enclosure fan; roof hatch fan; roof extractor; roof vent extract; roof hatch exhaust fan; roof hatch fan exhaust; roof extract fan; ceiling fan; roof vent exhaust; roof vent; extractor hood; cooker hood
# - chassis
abs control unit | unknown both code | abs; antilock brake; abs module; abs unit; abs control
abs active signal | switched-ground source code | abs intervention; abs active; abs working signal; abs function; abs in action; abs regulating; abs event; abs operating; abs active signal; abs working
abs modulator valve | coil source lamp-on | modulator; modulator valve; abs modulator; modulator inlet; modulator outlet; abs valve inlet; abs valve outlet; abs inlet valve; abs outlet valve; solenoid inlet; solenoid outlet; hold valve; relief valve modulator; abs hold; abs dump; abs valve
torque sensor | analog load lamp-on | steering torque; steering torque sensor; torque signal; ts1; ts2; torque main; torque sub; ts main; ts sub; torque input
air dryer heater | switched-supply load comfort-lost | air dryer; air drier; air drier heater; dryer heater; air dryer valve
air locker | switched-supply load comfort-lost | air locker solenoid; e locker; elocker; diff locker; locker valve; axle locker
central lubrication | switched-supply load comfort-lost | greasing; auto grease; automatic lubrication; lubrication pump; greaser; auto lube; autolube; central greasing; chain oiler; chassis lubrication
# - bus and lorry
body lock | switched-supply source dead | twist lock; sideboard lock; side board; container lock; bed lock
sheet motor | switched-supply load dead | tarp; tarp motor; tarpaulin; tarp open; tarp close; sheeting; sheeting system; sheet open; sheet close; roll tarp; cover motor; easy sheet; tarp switch; tarp solenoid
mixer drum | switched-supply load dead | drum; drum mix; drum discharge; drum speed; mixer; drum faster; drum slower
refuse packer | switched-supply load dead | packer; packer plate; packing plate; compactor; compaction; bin lift; packer up; packer down; carrier plate; ejector; eject; ejector plate; blade pack; tailgate refuse; lifter
sweep plate | switched-supply load dead | sweep plate; sweep panel; sweep blade; sweep plate valve; slide plate; sweep bucket; 
outrigger | switched-supply load dead | outriggers; stabiliser leg; stabiliser out; stabiliser in; leg out; leg in; leg up; leg down; stabiliser up; stabiliser down; jack leg; support leg; stabilisers; stabilizers
outrigger switch | switched-ground load lamp-on | leg switch; outrigger stowed; legs stowed; outrigger deployed; stabiliser switch; legs down; legs up; outrigger limit switch; jack stowed; leg contact
crane slew | switched-supply load dead | slew; slew left; slew right; slewing; slew valve; swing left; swing right; boom swing; rotate platform; turntable rotate; swing; turret; turret rotate; turret left; turret right; slew left valve; rotate left; rotate right; rotation left; rotation right
crane overload | switched-ground load dead | overload; overload switch; overload cut off; load moment; load limiter; overload warning; moment limiter; rated capacity; overload cut out; crane limit
basket interlock | switched-supply load dead | cage; basket gate; bucket gate; cage gate; platform gate; basket controls; basket interlock
# - loader and excavator
bucket | switched-supply load dead | bucket crowd; bucket dump; bucket curl; crowd; bucket up; bucket down; tilt bucket; bucket open; bucket close; return to dig; bucket level; bucket positioner; back to dig
quick coupler | switched-supply load dead | quick hitch; coupler; tool lock; implement lock; tool carrier lock; attachment lock; coupler lock; coupler release; coupler unlock; quick coupler lock; quick hitch lock; hitch lock pin; tool release; q hitch; q hitch lock; q hitch unlock; quick hitch valve; q hitch valve; q hitch lock valve; q hitch unlock valve
auxiliary hydraulics | switched-supply load dead | auxiliary hydraulic; third function; 3rd function; third service; third spool; auxiliary flow; auxiliary service; high flow; high flow hydraulic; diverter; diverter valve; diverter solenoid; fourth spool; front auxiliary; rear auxiliary; spool valve; thumb; grapple; grab; grab open; grab close; grapple open; grapple close; auxiliary a coil; auxiliary b coil; auxiliary 1 coil; auxiliary 2 coil; auxiliary valve; auxiliary service valve; service valve; third service valve; service valve a; service valve b
ride control | switched-supply load comfort-lost | boom suspension; ride control valve; smooth ride; load stabiliser; accumulator valve
travel speed | switched-supply load comfort-lost | two speed; two speed travel; travel high; tortoise hare; hare; hare tortoise; rabbit; two speed valve; two speed solenoid; travel two speed; rabbit tortoise; speed mode; tortoise; turtle speed; speed mode switch; slow mode; 2 speed; 2 speed switch; two speed switch; 2 speed valve; high low range toggle; high low range switch; high low range
auto idle | switched-ground load comfort-lost | automatic idle; auto decel; auto decelerate; deceleration; idle timer
power boost | switched-supply load comfort-lost | power up; one touch power; power max
swing brake | switched-supply load dead | slew brake; slew lock; swing lock; swing park brake; crane park brake; crane brake
mast tilt | switched-supply load dead | tilt forward; tilt back; tilt mast; mast tilt forward; mast tilt back; side shift; sideshift; side shift left; side shift right; reach out; reach in; fork spread; forks; fork positioner; clamp; clamp open; clamp close
mast height switch | switched-supply load dead | mast height; fork height; lift limit; lift height switch; height limit; lift limit switch
# - harvest
reel | switched-supply load dead | reel speed; reel up; reel down; reel raise; reel lower; reel lift; reel fore; reel aft; reel forward; reel back; reel faster; reel slower; reel valve; reel height; reel drive
header lift | switched-supply load dead | header; header raise; header lower; header tilt; header up; header down; table raise; table lower; cutter bar; header height; feeder reverse; feeder; header reverse; feederhouse; header engage; header clutch; header drive; table auger
unloading auger | switched-supply load dead | auger; unload auger; auger out; auger in; auger fold; auger unfold; auger swing; unloader; auger on; auger drive; auger clutch; unload pipe; unloading spout; auger swing out; auger swing in; unloading auger on; unloading clutch; discharge auger; auger motor; discharge chute; chute; chute left; chute right; chute up; chute down; spout rotate; spout left; spout right; spout flap
threshing clutch | switched-supply load dead | threshing; thresh; threshing engage; separator clutch; separator engage; separator; drum clutch; thresher; threshing drive; separator drive; rotor; rotor drive; rotor clutch; cylinder drive; beater
grain level | switched-ground load lamp-on | grain tank; grain tank full; grain bin; bin full; grain tank sensor; hopper full; grain level; bin sensor; grain full; bin 3 4; grain tank 3 4
shaft speed | pwm load lamp-on | shaft rpm; straw walker; straw walkers; rpm straw walker; cleaning fan; cleaning fan speed; elevator speed; clean grain elevator; returns elevator; straw chopper; chopper speed; chopper; rotor speed; drum speed sensor; spinner speed; fan speed sensor; shaft monitor; walker shaft; walker speed
sieve motor | switched-supply load dead | sieve; sieve open; sieve close; concave; concave open; concave close; top sieve; bottom sieve; chaffer
stone trap | switched-ground load lamp-on | rock trap; stone trap open; metal detector; metal detect
moisture sensor | analog load reads-wrong | moisture; grain moisture; yield sensor; yield
# - baler, mower, drill
knotter | switched-supply load dead | knotter fan; twine; net wrap; netting; net motor; wrap; wrapping; tie start; twine arm; baler tie; net brake
bale sensor | switched-ground load lamp-on | bale; bale full; bale size; bale counter; bale chamber; bale door; bale shape; bale gate; chamber door; bale length; bale chamber full; tailgate baler
pickup lift | switched-supply load dead | pick up raise; pick up lower; pick up reel; pickup raise
blade clutch | switched-supply load dead | deck clutch; mower clutch; mower deck; cutter deck; pto clutch; electric clutch blade; deck lift; cutting unit; cutting unit lift; mow; mower pto; blades engage; blade engage; cutter clutch; blade clutch; blade pto; blade drive clutch; mower blade clutch; pto clutch mower; blade solenoid; knife clutch; cutting unit clutch; mower deck clutch
grass box full | switched-ground load lamp-on | grass box; collector full; grass bag; bagger; hopper full switch; catcher full
seed motor | switched-supply load dead | seed drive; metering drive; seed rate motor; seed meter; drill drive; seed metering; fan seed; drill fan
seed sensor | pwm load lamp-on | seed tube; seed flow; seed count; blockage sensor; seed tube sensor; blockage; seed pulse
tramline | switched-supply load dead | tram line; tramline clutch; tramline valve; tram line clutch; tramlining; shut off clutch; half width; half width shut off
bout marker | switched-supply load dead | marker arm; disc marker; row marker; marker left; marker right; line marker; field marker; marker arm left; marker arm right
agitator | switched-supply load dead | agitation; agitator motor; tank stir; stirrer; stirring; vibrator; vibrator motor; shaker; conveyor; conveyor belt; feed belt; floor chain; moving floor; scraper floor; belt drive; feed conveyor; bed chain; auger feed; screw conveyor
milk pump | switched-supply load dead | slurry pump; manure pump; slurry valve; liquid manure; dribble bar; umbilical
steering guidance | switched-supply load comfort-lost | auto steer; autosteer; guidance; guidance enable; steer engage; steering engage; auto steer engage; resume switch steering
# - municipal and fire
salt spinner | switched-supply load dead | spinner; spreader disc; spinner motor; spinner valve; spread width
salt pre-wet pump | switched-supply load dead | pre wet; prewet; brine; brine pump; wetting pump; pre wet pump; dust suppression; spray bar; water spray; spray water pump; dust spray; sprinkler; sprinkler pump; water sprinkler
suction nozzle | switched-supply load dead | nozzle; nozzle up; nozzle down; suction mouth; nozzle lift; mouth flap; suction flap; big flap; coarse flap; nozzle valve suction; nozzle valve
spray pump | switched-supply source comfort-lost | spray pump; spray water pump; spray water; dust suppression pump; dust suppression; sweeper water pump
fire pump | switched-supply load dead | pump prime; primer; primer pump; pump primer; pump engage; pump in gear; foam pump; foam valve; hose reel rewind; hose reel; pump throttle; water tank fill; tank fill valve; tank to pump; deluge; monitor up; monitor down; monitor nozzle
siren speaker | audio source comfort-lost | pa speaker; public address; siren horn
siren control | switched-ground load comfort-lost | siren on; siren button; siren switch; bullhorn
emergency lamp control | switched-ground load comfort-lost | blues; lights stage; beacon switch; warning lights switch; light bar switch; lightbar control; blue lights on; emergency lights; emergency lamp
gun lock | switched-supply source comfort-lost | weapon lock; cabinet lock; locker lock; drawer lock; vault lock; box lock
# boat
bow thruster | switched-supply load dead | thruster; thruster left; thruster right; thruster port; thruster starboard; stern thruster; thruster relay; thruster motor
trim tab | switched-supply load dead | trim tab up; trim tab down; tab up; tab down; trim tabs; port tab; starboard tab; interceptor; tab port; tab starboard; trim tab
jack plate | switched-supply load dead | jackplate; jack plate up; jack plate down; engine lift; power lift jack
fuel vapour sensor | analog load dead | fuel vapour; fume detector; fume sensor; vapour detector; petrol fumes; gas detector; gas sensor; gas alarm; lpg alarm; co alarm; carbon monoxide; leak detector; gas leak; gas detector supply; lpg detector; gas alarm detector
bilge blower | switched-supply load comfort-lost | engine room blower; blower bilge; engine bay blower; engine room fan; engine compartment blower; engine compartment fan; bilge blower; extractor fan; engine bay blower boat
high water alarm | switched-ground load lamp-on | high water; bilge level; high bilge; bilge float; bilge high; flood alarm; high water switch; high bilge water; bilge high water; bilge alarm float; bilge alarm
macerator | switched-supply load comfort-lost | macerator pump; waste pump; overboard pump; discharge pump; holding tank pump; grey water pump; shower drain; shower drain pump; shower sump; sump pump; waste water pump
marine data | other-data both bus-silent | nmea in; nmea out; seatalk; autopilot; autopilot data; gps data; 0183 rx; 0183 tx; nmea rx; nmea tx; data in from plotter; data out to plotter; plotter data; data from plotter; data to plotter; nmea data; 0183; nmea 0183 in; nmea 0183 out; nmea; nmea 2000; nmea 0183; net h; net l; backbone; wind data; wind sensor; wind instrument
vhf radio | accessory load comfort-lost | vhf; two way radio; uhf; uhf radio; cb; cb radio; transceiver; ham radio; radio transceiver; handheld charger
push-to-talk | switched-ground load comfort-lost | ptt; push to talk; talk switch; ptt switch; mic key; intercom; intercom talk; press to talk; microphone switch
windscreen wiper boat | switched-supply load comfort-lost | helm wiper; wheelhouse wiper; deck wiper
# - camper
slide-out motor | switched-supply load dead | room slide; slide out motor; slide room in; slide room out; slide out; slideout; slide room
levelling jack | switched-supply load dead | leveling jacks; leveling; jack up; jack down; steady legs; corner steady; hydraulic jack; jack motor; levelling jack; jack; stabiliser leg; landing leg; stabilizer leg; steady leg
water heater | switched-supply load comfort-lost | boiler heater; hot water; immersion; calorifier; hot water heater; water heater gas; boiler dump valve; frost valve; dump valve frost; hot water element; boiler
tank heater | switched-supply load comfort-lost | waste tank heater; water tank heater; drain heater; pipe heater; tank heat pad
room heater | switched-supply load comfort-lost | space heater; convector; combi heater; gas heater; heater thermostat; heater control panel; alde; wall thermostat; underfloor heater; floor heater; radiator pump house; heater circulation pump; blown air heating; blown air; warm air heating
gas valve | switched-supply load comfort-lost | gas solenoid; lpg valve; lpg solenoid; gas shut off; lpg shut off; lpg lockoff; gas lock off; lpg lock off; vaporiser; lpg vaporiser; lpg injector; lpg level; gas bottle heater; changeover valve gas; lpg tank valve
cooker | battery load comfort-lost | cooker; hob; oven; hob ignition; oven ignition; cooker ignition; stove ignition
waste valve | switched-supply load comfort-lost | waste valve; waste dump valve; tank dump; tank dump valve
satellite dome | switched-supply load comfort-lost | satellite; sat dome; satellite dish; dish; satellite antenna; sat antenna; dish motor; satellite receiver; mast amplifier
mover | switched-supply load dead | caravan mover; mover supply; mover motor
# - alarm fitter's sheets
alarm sensor | switched-ground load dead | shock sensor; ultrasonic; glass break; glass break sensor; vibration sensor; volumetric; volumetric sensor; microwave sensor; movement sensor; motion sensor; sensor trigger; pir; ultrasonic sensor alarm; interior protection; interior monitoring
starter kill | start both no-start | starter cut; start kill; anti grind; starter disable; starter immobilisation; starter inhibit output; starter block; st kill; starter t50 from lock; starter kill key side; starter kill motor side; starter interrupt; starter cut key side; starter cut motor side; starter cut relay
immobilisation cut | ignition both no-start | immobiliser cut; engine disable; fuel cut relay; engine immobilisation; immobilisation cut; immobilisation circuit; immobiliser circuit 1; immobiliser circuit 2
valet switch | switched-ground load nothing | valet; valet button; emergency override; override button; learn button; program button; programming button; service switch
tracker | battery load nothing | gps tracker; tracking unit; telematics; telematics unit; telematic; data logger; dashcam; dash cam; dash camera; camera recorder; parking recorder; tracker supply; telematics supply; tacho download
panic button | switched-ground load dead | panic; panic switch; duress; sos button; emergency call; ecall; driver alert; man trapped; trapped alarm; man trapped alarm; panic alarm; person alarm; locked in alarm; personal alarm; occupant trapped; emergency button; emergency alarm; emergency alarm input; emergency alarm button; alarm button
key fob data | other-data both no-start | key fob; fob; key data; rf data; rf antenna; remote receiver; receiver antenna; key reader; transponder ring; ring antenna; antenna ring; rf receiver
double lock motor | switched-supply source comfort-lost | double lock; deadlock; dead lock; superlock; deadlock motor; deadlocks; double locking; super lock; safe motor; safe lock
total closure | switched-ground source comfort-lost | windows close; roll up windows; window up on lock; convenience close; all windows up; global close
glow plug wait input | switched-ground load no-start | wait input; glow input; wait to start input; diesel wait; glow plug sense; wait to start sense; diesel glow input
# - radio fitter's sheets
video park brake | switched-ground load comfort-lost | video lock; handbrake video; park brake radio; parking brake input radio; video interlock
navigation mute | switched-ground load comfort-lost | nav mute; nav audio; guidance mute; atten; attenuation
cd changer | audio load comfort-lost | changer; cd; cd audio; cd left; cd right; changer data; ipod; ipod audio; bluetooth; bluetooth audio
speaker level input | audio load comfort-lost | high level in
# - display
menu button | switched-ground load comfort-lost | menu; scroll button; scroll; menu up; menu down; enter button; display button; info button; page button; page switch; screen page; next page; display mode; select button; menu select; menu next; display scroll; display select; page scroll; reset button; board computer; board computer button; computer stalk; page up; page down; display page; trip computer button; stalk button; bc button; trip computer switch; trip computer stalk
shift lamp | switched-ground source comfort-lost | shift light; shift up lamp; shift point; gear change lamp; shift light output; upshift lamp; shift indicator light; shift indicator; rev limit light; rev limit lamp; change up light
alarm lamp general | switched-ground source lamp-off | warn output; warning output; warning light output; dash warning; warn lamp output; alarm light; warning master; master warning; master caution
key warning | switched-ground load nothing | key buzzer; key in buzzer; lights on buzzer; lights left on; headlamp reminder
overspeed alarm | switched-ground load dead | overspeed; over speed; overspeed shutdown; overspeed warning; engine overrun; overrun buzzer; engine overrun warning; overrun warning buzzer; overrun alarm; overrev; over rev warning; overspeed buzzer
low oil shutdown | switched-ground load dead | oil shutdown; oil shut down; low oil pressure shutdown; oil shutdown switch; oil level shutdown; oil shut down switch
output contactor | switched-supply source dead | output contactor coil; generator contactor; mains contactor; load contactor; dc contactor; output breaker; gcb; mcb
genset start | switched-supply load no-start | generator start; auto start; run request; remote run; remote run request; start request generator; remote start stop; ats start; run command; run input; remote start genset; genset remote start; generator remote start
genset fault lamp | switched-ground source lamp-off | common fault out; genset fault; generator fault; shutdown lamp; genset alarm; fault shutdown lamp; shutdown output
genset running lamp | switched-ground source lamp-off | genset running; generator running; running output; run lamp; running lamp generator; genset on
`;

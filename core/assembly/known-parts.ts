/**
 * The parts that washers usually have, in our own words: usual name · other names on both sides of the ocean · mass · zone in a front
 * loader · zone in a top loader (`-` where that family has none). What a shop says of a model beyond this is new, never an error.
 */
export const knownPartLines = `
top panel · top, lid, worktop, top cover, table top, top lid panel, work surface · middling · outside · outside
front panel · front, front cover, front shroud, cabinet front, front skin · middling · outside · outside
rear panel · back panel, rear cover, back cover, access panel, rear access panel, back plate, service panel · middling · outside · outside
side panel · cabinet side, side skin · middling · outside · outside
kick plate · toe panel, toe kick, plinth, kick strip, kick panel, lower panel, bottom panel, toe plate, skirt · light · outside · outside
service hatch · access hatch, pump hatch, filter flap, filter cover, filter door, hatch · light · outside · outside
cabinet · casing, outer case, housing shell, wrapper · heavy · outside · outside
transport bolt cap · transit cap, blanking cap, blind cap · light · outside · -
foot · levelling foot, leg, adjustable foot, leveling leg, leveler · light · outside · outside
base pan · floor pan, base plate, bottom plate, drip pan, base frame · middling · base · base
console · control panel, fascia, facia, control console, control housing, front fascia, dashboard · light · console · console
console end cap · end cap, console cap, end piece · light · console · console
programme knob · selector knob, timer knob, dial, control knob, program knob, knob · light · console · console
display board · display, user interface board, ui board, display module, keypad board, touch board · light · console · console
control board · main board, mainboard, control module, pcb, electronic control, main control, main pcb, circuit board, controller · light · top · console
motor board · motor control board, motor control, inverter, inverter board, drive board, motor controller, speed board · light · base · base
power module · power board, power supply board · light · top · console
timer · programmer, programme switch, program timer, cam timer, mechanical timer · light · console · console
mains filter · line filter, noise filter, interference filter, suppressor, emi filter, rfi filter · light · top · console
mains lead · power cord, mains cable, supply cord, line cord, power cable · light · outside · outside
terminal block · terminal strip, supply terminal, junction block · light · top · console
pressure switch · level switch, water level switch, pressure sensor, level sensor, pressostat, water level sensor, pressure transducer · light · top · console
pressure hose · pressure tube, air tube, air hose, level tube, sensing tube, air dome hose · light · top · console
air chamber · air trap, pressure chamber, air bell, air dome, pressure vessel · light · base · base
drawer · dispenser drawer, detergent drawer, soap drawer, powder drawer, soap tray, dispenser tray · light · drawer · -
drawer housing · dispenser housing, dispenser box, soap box, detergent box, dispenser assembly, soap dispenser, detergent dispenser, drawer tank · light · drawer · top
drawer front · drawer handle, drawer fascia · light · drawer · -
softener cup · bleach cup, softener dispenser, fabric softener dispenser, syphon cap, siphon insert, siphon · light · drawer · tub
dosing pump · dispensing pump, detergent pump, auto dose pump · light · drawer · -
inlet valve · water valve, fill valve, solenoid valve, water inlet valve, triple valve, double valve, inlet solenoid · light · valves · valves
cold inlet valve · cold valve, cold water valve, cold solenoid, cold fill valve · light · valves · valves
hot inlet valve · hot valve, hot water valve, hot solenoid, hot fill valve · light · valves · valves
valve bracket · inlet valve bracket, valve holder · light · valves · valves
inlet screen · inlet filter, valve screen, filter screen, gauze filter, mesh filter, strainer · light · outside · outside
inlet hose · fill hose, supply hose, water hose · light · outside · outside
hot inlet hose · hot hose, hot fill hose, hot supply hose · light · outside · outside
cold inlet hose · cold hose, cold fill hose, cold supply hose · light · outside · outside
flow meter · flow sensor, turbine meter, water meter · light · valves · valves
water distributor · distributor, diverter valve, water diverter · light · top · -
fill hose to drawer · dispenser hose, valve hose, hose to dispenser · light · top · console
drawer hose · dispenser to tub hose, drawer to tub hose, fill bellow, filling hose, detergent hose · light · top · -
vent hose · vent pipe, tub vent, breather hose · light · top · -
tub inlet grommet · fill grommet, tub inlet · light · tub · tub
door · porthole door, door assembly, loading door · middling · door · -
door frame · outer door ring, inner door ring, door trim, door ring · light · door · -
door glass · door bowl, glass, bowl, porthole glass · middling · door · -
door hinge · hinge, porthole hinge · light · door · -
door handle · handle, door latch handle · light · door · -
door hook · door catch, strike, latch hook, door strike, striker · light · door · top
door lock · door interlock, interlock, door switch, door latch, lock, bolt lock · light · front · -
lid · lid assembly, top lid, loading lid · middling · - · top
lid lock · lid latch, lid switch, lid lock assembly, lid interlock · light · - · top
lid hinge · lid hinge pin, hinge bushing · light · - · top
lid strike · lid bezel, lid catch · light · - · top
lock cord · emergency cord, emergency release, release cord, pull cord, emergency pull · light · front · -
bellows · door seal, door gasket, door boot, gasket, bellow, door bellow, boot, rubber boot, manchette, seal of the door · light · door · -
bellows clamp · outer clamp band, door seal spring, clamp ring, outer bellow ring, bellows spring, retaining ring of the seal, gasket spring, outer band, seal band · light · door · -
inner bellows clamp · inner clamp band, inner band, tub clamp, inner gasket clamp, gasket clamp · light · door · -
drain tube of bellows · bellows drain hose, gasket drain hose · light · door · -
tub · outer tub, wash tub, tub assembly, tank, water tank, tub unit · heavy · tub · tub
front tub half · tub front, front half of the tub, tub cover, front shell, front of the tub, outer tub front, tub front half · middling · tub · -
rear tub half · tub back, back half of the tub, rear shell, back drum, tub rear, outer tub rear, rear tub, tub rear half · heavy · drive · -
tub seal · tub gasket, seal between the halves, tub half gasket, tub joint · light · tub · tub
tub ring · tub cover ring, splash ring, tub top ring, splash guard · light · - · tub
drum · inner drum, wash drum, inner tub, inner basket, spin drum, drum assembly · heavy · tub · -
basket · wash basket, spin basket, inner basket, wash tub basket, basket assembly, drum, inner drum, wash drum, inner tub, spin drum, drum assembly · heavy · - · tub
drum paddle · paddle, lifter, drum lifter, baffle, fin, rib of the drum, drum vane · light · tub · -
drum spider · spider, spider arm, drum cross, support arms, three arm support · middling · tub · -
balance ring · balancing ring, balance hoop · light · tub · tub
agitator · activator, twist column · light · - · tub
agitator dogs · dogs, cams, agitator cams, dog ears · light · - · tub
agitator cap · agitator cover, column cap · light · - · tub
wash plate · impeller, pulsator, wash disc, impeller plate · light · - · tub
basket nut · spanner nut, hub nut, drive hub nut · light · - · tub
basket hub · drive block, hub, basket drive block · light · - · tub
drum bearing · bearing, bearings, ball bearing, front bearing, rear bearing, main bearing, tub bearing · light · drive · drive
bearing seal · shaft seal, drum seal, oil seal, tub shaft seal, lip seal, water seal · light · drive · drive
bearing housing · bearing carrier, bearing hub, bearing cross, hub housing · middling · drive · drive
drum shaft · shaft, main shaft, spin shaft, tub shaft · middling · drive · drive
drum pulley · pulley, wheel, belt wheel, large pulley, driven pulley · light · drive · drive
drive belt · belt, poly vee belt, v belt, flat belt, ribbed belt, motor belt · light · drive · drive
belt guard · belt cover, belt shield, pulley cover · light · drive · drive
belt tensioner · tensioner, tension spring, idler · light · drive · drive
drive motor · motor, drum motor, main motor, wash motor, washing motor · middling · drive · drive
motor pulley · small pulley, drive pulley · light · drive · drive
motor brush · carbon brush, brush, carbons, brushes, brush holder · light · drive · -
motor bracket · motor mount, motor plate, motor support · light · drive · drive
motor bush · motor rubber, motor grommet, motor mount rubber · light · drive · drive
speed sensor · tacho, tachometer, tacho coil, hall sensor, rotor position sensor, rps, speed coil, position sensor · light · drive · drive
rotor · motor rotor, magnet rotor, rotor cup · middling · drive · drive
stator · motor stator, winding, coil pack · middling · drive · drive
stator bracket · stator mount, stator support · light · drive · drive
rotor bolt · rotor nut, shaft bolt · light · drive · drive
capacitor · motor capacitor, run capacitor, start capacitor, condenser · light · base · base
gearbox · gear case, gearcase, transmission, trans, gear box, gear unit · heavy · - · drive
clutch · clutch assembly, splutch, cam clutch · middling · - · drive
shift actuator · shifter, mode shifter, actuator, shift motor, gear shift motor, splutch actuator · light · - · drive
slider · coupling slider, shift slider, clutch slider · light · - · drive
motor coupler · coupler, motor coupling, drive coupling · light · - · drive
brake · brake assembly, brake band, brake cam, band brake · middling · - · drive
drive tube · spin tube, basket drive · middling · - · drive
centre post · center post, tub post, spin post · middling · - · drive
upper counterweight · top counterweight, top weight, upper concrete weight, concrete block, upper weight, ballast, balance weight, top concrete · heavy · top · -
front counterweight · front weight, lower counterweight, lower weight, concrete of the front, front concrete · heavy · front · -
counterweight · weight, concrete, counter weight, ballast weight · heavy · top · base
spring · suspension spring, tub spring, hanging spring, drum spring · light · top · suspension
left spring · left suspension spring, left tub spring · light · top · suspension
right spring · right suspension spring, right tub spring · light · top · suspension
damper · shock absorber, shock, strut, friction damper, leg damper · light · base · base
damper pin · shock pin, absorber pin, plastic pin, pin of the damper · light · base · base
suspension rod · rod, support rod, hanger rod, damper rod · light · - · suspension
snubber · snubber ring, snubber pad, friction pad · light · - · base
unit · drum unit, tub and drum, wash unit, swinging unit, wash assembly, tub and basket · heavy · tub · tub
drain pump · outlet pump, waste pump, pump, discharge pump, water pump · light · base · base
recirculation pump · circulation pump, circ pump, recirc pump, spray pump · light · base · base
pump filter · filter, filter insert, coin trap, drain filter, lint filter, fluff filter, pump strainer · light · base · base
pump housing · filter housing, sump, pump body, filter body, sump housing · light · base · base
pump bracket · pump mount, pump holder, pump plate · light · base · base
pump cover · pump shield, pump guard · light · base · base
pump impeller · impeller wheel, pump wheel, pump fan · light · base · base
drain hose · outlet hose, waste hose, discharge hose · light · outside · outside
sump hose · tub to pump hose, tub hose, drain bellow, pump hose, tub drain hose, hose to the pump · light · base · base
recirculation hose · circulation hose, spray hose, recirc hose · light · front · base
check valve · non return valve, back flow valve, ball valve, eco ball, eco valve · light · base · base
hose holder · hose clip, hose guide, hose bracket, hose support, hose hook · light · rear · rear
heater · heating element, element, heating rod, tubular heater, water heater, immersion heater · light · tub · base
heater bracket · element clip, heater clamp, heater shield, element bracket · light · tub · -
heater cover · element cover, heater guard · light · rear · -
temperature sensor · thermistor, ntc, ntc sensor, temp sensor, thermostat probe, temp probe · light · tub · tub
thermostat · thermal switch, klixon, limit thermostat, tod · light · tub · base
thermal fuse · thermal cut out, thermal cutout, overheat fuse · light · base · base
drum light · lamp, drum lamp, tub light, bulb · light · door · top
out-of-balance sensor · vibration sensor, accelerometer, balance sensor, imbalance sensor, mems sensor, unbalance switch, out of balance switch · light · top · console
leak sensor · float switch, flood switch, anti flood switch, base switch, leak switch, aqua switch · light · base · base
anti-flood hose · water stop hose, aqua stop hose, flood safe hose · light · outside · -
wiring harness · harness, loom, wire harness, wiring loom, cable harness, wiring · light · top · console
motor loom · motor harness, motor wiring, motor cable · light · drive · drive
door lock loom · lock loom, door harness, lock wiring · light · front · top
ground strap · earth strap, earth wire, ground wire, earth lead, ground lead, earth cable, bonding strap · light · rear · rear
ground screw · earth screw, earthing screw · light · rear · rear
ground eyelet · earth eyelet, ground ring terminal, earth tag, ground tag, eyelet · light · rear · rear
cable duct · wire channel, loom channel, wire duct, cable channel, wire cover, conduit · light · rear · rear
cable tie · tie, zip tie, tie wrap, tyrap, ty wrap, cable strap, wire tie · light · rear · rear
compressor · heat pump compressor, refrigerant compressor · heavy · base · -
steam generator · steamer, boiler, steam unit · middling · base · -
steam hose · steam pipe, steam tube · light · top · -
steam nozzle · nozzle, spray nozzle, jet · light · door · -
fan · blower, fan motor, blower motor, drying fan · middling · top · -
drying duct · condenser duct, air duct, drying channel · middling · top · -
crossbar · cross member, top brace, brace, stretcher, top rail, cross brace, reinforcement bar · light · top · top
front brace · front rail, front cross member, lower brace · light · front · front
rear brace · rear rail, back brace · light · rear · rear
spring clip · cabinet clip, console clip, panel clip, cabinet spring clip · light · top · top
bracket · mount, mounting plate, holder, support, support bracket · light · rear · rear
spacer · spacer sleeve, sleeve, distance piece, bush, bushing · light · drive · drive
bearing ring · bearing race, race, outer race · light · drive · drive
shaft spacer · shaft sleeve, collar of the shaft, sleeve of the shaft · light · drive · drive
washer · plain washer, spring washer, shim, flat washer · light · drive · drive
circlip · snap ring, retaining ring, c clip, e clip, lock ring · light · drive · drive
o-ring · o ring, sealing ring, rubber ring · light · base · base
seal · gasket ring, rubber seal, packing · light · base · base
grommet · rubber grommet, rubber bush, cable grommet · light · rear · rear
cap · cover cap, plug cap, screw cap, plug cover · light · outside · outside
foam strip · foam, sound strip, insulation strip, felt, foam pad · light · top · top
sound mat · insulation, sound insulation, noise mat, sound blanket · light · base · base
clamp · hose clamp, spring clamp, jubilee clip, hose clip clamp, worm clamp · light · base · base
reed switch · reed, magnet switch · light · top · top
magnet · reed magnet, lid magnet · light · top · top
water heater relay · relay, heater relay · light · top · console
buzzer · beeper, sounder · light · console · console
button · start button, push button, switch button, key cap · light · console · console
light guide · light pipe, lens strip · light · console · console
rating plate · type plate, data plate, nameplate · light · outside · outside
chute · powder chute, bleach chute, bleach dispenser · light · - · top
`

/**
 * Lines as they are typed with a wet thumb, and the moves that each must be read as; the machine is a front loader that stands
 * upright. `=` begins a move: its kind, then field:value; quotes hold words together, commas part a list.
 */
export const quickLineCorpus = String.raw`
# --- acts that owe nothing new
fit new motor loom
= fit-new part.name:"motor loom"
exchange left brush
= exchange part.name:"left brush"
peel back lip of bellows
= fold-back part.name:"lip of bellows"
knocked loose drum unit
= attend act:"knock loose" thing:"drum unit"
2x T20 with eyelet under
= remove-fasteners count:2 drive:torx size:T20 place:"eyelet under"
3x 10mm left terminal block
= remove-fasteners count:3 size:"10 mm" drive:"hex head" place:"left terminal block"
pull the machine out
= pull-out
pulled out the drawer
= pull-off part.name:drawer
pulled plug at the wall
= isolate what:power
brown spade upper terminal heater
= unplug connector.type:spade connector.wires:brown connector.sits:upper place:heater
unscrew inlet hose
= open-joint joint.hose:"inlet hose" joint.joins:screwed
3x T20 rear panel shares ground eyelet
= remove-fasteners count:3 drive:torx size:T20 place:"rear panel" shares:"ground eyelet"
# --- fasteners, tidy
4x T20x18 pump bracket @D1
= remove-fasteners count:4 drive:torx size:T20 length:18 place:"pump bracket" cell:D1
2x PH2 top panel @A1
= remove-fasteners count:2 drive:phillips size:PH2 place:"top panel" cell:A1
6x T15x12 console @A2
= remove-fasteners count:6 drive:torx size:T15 length:12 place:console cell:A2
1x M8x30 motor left @B1
= remove-fasteners count:1 thread:M8 length:30 place:"motor left" cell:B1
3x M6x16 bracket
= remove-fasteners count:3 thread:M6 length:16 place:bracket
2x 10 af stainless rear panel
= remove-fasteners count:2 drive:"hex head" size:"10 mm" look:stainless place:"rear panel"
4x 1/4 hex rear panel @B2
= remove-fasteners count:4 drive:"hex head" size:"1/4 in" place:"rear panel" cell:B2
2x #8 x 1/2 kick plate
= remove-fasteners count:2 thread:#8 length:12.7 lengthAs:"1/2 in" place:"kick plate"
5x 4.2x13 drawer frame @C3
= remove-fasteners count:5 thread:4.2 length:13 place:"drawer frame" cell:C3
4x T20x18 into plastic @D2
= remove-fasteners count:4 drive:torx size:T20 length:18 into:plastic cell:D2
1x 17 mm nut left-hand thread pulley
= remove-fasteners count:1 size:"17 mm" drive:"hex head" head:nut hand:left place:pulley
8x M5x20 circle 4 Nm drum shaft @E1
= remove-fasteners count:8 thread:M5 length:20 pattern:circle torque:4 place:"drum shaft" cell:E1
3x T25 with washer counterweight
= remove-fasteners count:3 drive:torx size:T25 washers:1 place:counterweight
2x PZ2 black hinge @A4
= remove-fasteners count:2 drive:pozidriv size:PZ2 look:black place:hinge cell:A4
4x M8x1.25x40 counterweight @B4
= remove-fasteners count:4 thread:M8 pitch:1.25 length:40 place:counterweight cell:B4
1x T20 found rusty front edge
= remove-fasteners count:1 drive:torx size:T20 condition:corroded place:"front edge"
2x T20 thread lock motor
= remove-fasteners count:2 drive:torx size:T20 secured:thread-lock place:motor
1x 13 mm nut shaft firm
= remove-fasteners count:1 drive:"hex head" size:"13 mm" head:nut feel:firm place:shaft
4x allen 5 rotor @C1
= remove-fasteners count:4 drive:"hex socket" size:"5 mm" place:rotor cell:C1
2x slotted screw terminal block
= remove-fasteners count:2 drive:slotted place:"terminal block"
1x grub screw hex key 3 knob
= remove-fasteners count:1 drive:"hex socket" size:"3 mm" place:knob
3x countersunk PH2x10 hatch
= remove-fasteners count:3 head:countersunk drive:phillips size:PH2 length:10 place:hatch
2x flange M6x12 damper
= remove-fasteners count:2 head:flange thread:M6 length:12 place:damper
6x T20x12 row lower edge @A3
= remove-fasteners count:6 drive:torx size:T20 length:12 pattern:row place:"lower edge" cell:A3
2x captive T15 board cover
= remove-fasteners count:2 captive:yes drive:torx size:T15 place:"board cover"
# --- fasteners, untidy
four t20 x 18 off pump bracket
= remove-fasteners count:4 drive:torx size:T20 length:18 place:"pump bracket"
T20x18 x4 pump bracket
= remove-fasteners count:4 drive:torx size:T20 length:18 place:"pump bracket"
two long torx 20s left side
= remove-fasteners count:2 look:long drive:torx size:T20 place:"left side"
took out 2 rusty phillips from the kick plate
= remove-fasteners count:2 condition:corroded drive:phillips place:"kick plate"
undo 3 bolts 13mm motor
= remove-fasteners count:3 size:"13 mm" drive:"hex head" place:motor
a pair of short ph2 by the hinge
= remove-fasteners count:2 look:short drive:phillips size:PH2 place:hinge
screw missing top right
= remove-fasteners count:1 condition:missing place:"top right"
6 screws
= remove-fasteners count:6
rmv 4 scr T20
= remove-fasteners count:4 drive:torx size:T20 place:scr
unscrew 2x 8mm earth strap
= remove-fasteners count:2 size:"8 mm" drive:"hex head" place:"earth strap"
3 stainless + long m6x20 tub front
= remove-fasteners count:3 look:"stainless long" thread:M6 length:20 place:"tub front"
1 nut 13mm, reverse thread, rotor
= remove-fasteners count:1 head:nut size:"13 mm" drive:"hex head" hand:left place:rotor
2x TX20,18mm long , pump
= remove-fasteners count:2 drive:torx size:T20 length:18 place:pump
4x1/4 hex rear
= remove-fasteners count:4 drive:"hex head" size:"1/4 in" place:rear
TAKE OUT SIX T15 CONSOLE
= remove-fasteners count:6 drive:torx size:T15 place:CONSOLE
two 10mm bolts, weight, one of them stripped
= remove-fasteners count:2 size:"10 mm" drive:"hex head" place:weight condition:stripped note:one
5/16" hex x2 transformer bracket
= remove-fasteners count:2 drive:"hex head" size:"5/16 in" place:"transformer bracket"
no 8 x 3/4 screws, 3 of them, lid
= remove-fasteners count:3 thread:#8 length:19.05 lengthAs:"3/4 in" place:lid
2 x M8 x 45 shock absorber foot @B2
= remove-fasteners count:2 thread:M8 length:45 place:"shock absorber foot" cell:B2
# --- slacken
slacken 2x 13 mm nut motor
= slacken count:2 drive:"hex head" size:"13 mm" head:nut place:motor
loosen 3 screws top panel
= slacken count:3 place:"top panel"
ease 1x M8 by 2 turns damper
= slacken count:1 thread:M8 turns:2 place:damper
back out 2x T20 half a turn hinge
= slacken count:2 drive:torx size:T20 turns:0.5 place:hinge
slack off both 10 af belt tension
= slacken count:2 drive:"hex head" size:"10 mm" place:"belt tension"
loosened clamp screw door boot 3 turns
= slacken count:1 place:"door boot" turns:3 note:clamp
2 nuts 13mm slackened, motor plate
= slacken count:2 head:nut size:"13 mm" drive:"hex head" place:"motor plate"
# --- clips
release 3 tabs console
= release-clips count:3 type:tab place:console
2x push-pin kick plate @B1
= release-clips count:2 type:push-pin place:"kick plate" cell:B1
unclip 4 hooks fragile drawer front
= release-clips count:4 type:hook fragile:yes place:"drawer front"
1x spring clip bellows
= release-clips count:1 type:"spring clip" place:bellows
twist bayonet anticlockwise filter
= release-clips count:1 type:bayonet direction:anticlockwise place:filter
3 clips push up from below
= release-clips count:3 releases:"push up" place:"from below"
pop two tabs, brittle
= release-clips count:2 type:tab fragile:yes
push pins x3 lower edge
= release-clips count:3 type:push-pin place:"lower edge"
squeeze 2 clips board box
= release-clips count:2 place:"board box"
unhook 1 spring clip front of bellows broken
= release-clips count:1 type:"spring clip" place:"front of bellows" condition:cracked
5 tabs from the left console top
= release-clips count:5 type:tab releases:"from the left" place:"console top"
clips 2, one cracked
= release-clips count:2 condition:cracked note:one
# --- connectors
plug white 3w red/blue/green
= unplug housing:white ways:3 wires:red,blue,green
unplug P1 tab lock motor
= unplug label:P1 lock:tab place:motor
plug P2 black 2w
= unplug label:P2 housing:black ways:2
unplug J4 white 6-way secondary slider board
= unplug label:J4 housing:white ways:6 lock:"secondary slider" place:board
connector blue 4 pin keyed heater
= unplug housing:blue ways:4 keyed:yes place:heater
plug white 2w not keyed reach 120
= unplug housing:white ways:2 keyed:no reach:120
disconnect CN3
= unplug label:CN3
plug red/black pump
= unplug wires:red,black place:pump
unplug white 3 way rd/bu/gn valve
= unplug housing:white ways:3 wires:red,blue,green place:valve
spade terminal brown heater on terminal L1
= unplug housing:brown place:heater terminal:L1
unplugged p3 from board, slider
= unplug label:P3 place:board lock:"secondary slider"
pull plug off the pump 2p
= unplug place:pump ways:2
2w plug grey, door lock
= unplug ways:2 housing:grey place:"door lock"
conn x5 wh 5w
= unplug label:X5 housing:white ways:5
motor plug, 7 way
= unplug place:motor ways:7
both wires red blue off the thermostat plug
= unplug wires:red,blue place:thermostat note:both
disconected plug level sensor
= unplug place:"level sensor" note:disconected
plug white with tab, 3w
= unplug housing:white lock:tab ways:3
unplug black/brown/green-yellow 3w mains filter
= unplug wires:black,brown,green-yellow ways:3 place:"mains filter"
P1 plug , WHITE , RED/BLUE
= unplug label:P1 housing:white wires:red,blue
# --- lines
loom: over rail > clip > grommet > behind spring
= unroute type:harness waypoints:"over rail,retainer,grommet,behind spring"
free loom: over drum edge > retainer > under counterweight clear of rotor
= unroute type:harness waypoints:"over drum edge,retainer,under counterweight" keepClear:rotor
wire: behind bracket > tie > through grommet
= unroute type:"single wire" waypoints:"behind bracket,tie,grommet"
ground strap: under bolt > over rail
= unroute type:"ground strap" waypoints:"under bolt,over rail"
pressure tube: behind spring > clip slack two fingers
= unroute type:"pressure tube" waypoints:"behind spring,retainer" slack:"two fingers"
harness out of 3 clips
= unroute type:harness waypoints:"retainer,retainer,retainer"
hose: under drawer > clip at rear
= unroute type:hose waypoints:"under drawer,retainer rear"
mains lead: groove > tie > behind filter keep clear of heater, pulley
= unroute type:cable waypoints:"groove,tie,behind filter" keepClear:heater,pulley
loom over rail, under brace, clip
= unroute type:harness waypoints:"over rail,under brace,retainer"
heater loom: clip > behind counterweight
= unroute type:harness place:heater waypoints:"retainer,behind counterweight"
free the door wire from 2 clips
= unroute type:"single wire" place:door waypoints:"retainer,retainer"
loom -> over tub -> clip -> grommet
= unroute type:harness waypoints:"over tub,retainer,grommet"
earth strap behind motor
= unroute type:"ground strap" waypoints:"behind motor"
tube thru grommet > clip, clear of belt
= unroute type:"pressure tube" waypoints:"grommet,retainer" keepClear:belt
cable : channel > channel > under lid
= unroute type:cable waypoints:"groove,groove,under lid"
loom past motor > clip
= unroute type:harness waypoints:"retainer past motor,retainer"
# --- hose joints
sump hose, spring clamp, ears 10 o'clock
= open-joint hose:"sump hose" clamp:spring clock:10
pull hose fill hose worm clamp
= open-joint hose:"fill hose" clamp:worm
drain hose spring clamp at pump
= open-joint hose:"drain hose" clamp:spring place:pump
open joint outlet hose ear clamp notch to rib
= open-joint hose:"outlet hose" clamp:ear notch:rib
hose off pump, worm
= open-joint place:pump clamp:worm
inlet hose no clamp drawer
= open-joint hose:"inlet hose" clamp:none place:drawer
took off the sump hose ears at 4 oclock
= open-joint hose:"sump hose" clock:4
pulled vent hose off tub
= open-joint hose:"vent hose" place:tub
air trap hose, clamp spring
= open-joint hose:"air trap hose" clamp:spring
# --- belts
belt off
= slip-belt
slip belt 6 ribs motor pulley
= slip-belt ribs:6 place:"motor pulley"
belt off, cracked
= slip-belt condition:cracked
took the belt off 5 ribs
= slip-belt ribs:5
drive belt, 6 ribs
= slip-belt ribs:6
# --- parts off
off rear panel
= remove-part name:"rear panel" opens:rear,base
take off top panel
= remove-part name:"top panel" opens:top
remove drain pump
= remove-part name:"drain pump"
off kick plate against the wall
= remove-part name:"kick plate" opens:base lies:"against the wall"
take off heavy counterweight on the bench
= remove-part people:2 name:counterweight lies:"on the bench"
off bracket arrow up
= remove-part name:bracket orientation:"arrow up"
remove door lock flush
= remove-part name:"door lock" seat:flush
off pump cover cracked
= remove-part name:"pump cover" condition:cracked
rear panel off
= remove-part name:"rear panel" opens:rear,base
lift off the lid, two people
= remove-part name:lid people:2
took out drawer
= remove-part name:drawer
front panel comes off, lies behind the machine
= remove-part name:"front panel" opens:front lies:"behind the machine"
out: shock absorber, left
= remove-part name:"shock absorber" place:left
console off
= remove-part name:console opens:console
remove heater note pull straight
= remove-part name:heater note:"pull straight"
bracket off faces left
= remove-part name:bracket orientation:left
motor off, 2 man
= remove-part name:motor people:2
got the tub cover off
= remove-part name:"tub cover"
# --- parked
park console back
= park-part name:console opens:console lies:back
park drawer housing over the side
= park-part name:"drawer housing" lies:"over the side"
hang console on the frame
= park-part name:console opens:console lies:"on the frame"
swing out control board fragile
= park-part name:"control board" fragile:yes
set aside door switch still plugged
= park-part name:"door switch still plugged"
parked the pump in the corner
= park-part name:pump lies:"in the corner"
# --- pulled
pull pulley
= pull-off name:pulley
pull off rotor one way
= pull-off name:rotor oneWay:yes
press off bearing goes on once
= pull-off name:bearing oneWay:yes
pulled knob
= pull-off name:knob
draw off fan, splined
= pull-off name:fan fit:spline
# --- cut
cut 2 ties loom
= cut count:2 consumable:tie place:loom
snip tie behind drum
= cut count:1 consumable:tie place:"behind drum"
peel tape lid
= cut count:1 consumable:tape place:lid
cut seal tub front
= cut count:1 consumable:seal place:"tub front"
3 cable ties cut, rear
= cut count:3 consumable:tie place:rear
cut clamp 40 mm sump
= cut count:1 consumable:clamp size:"40 mm" place:sump
two zip ties
= cut count:2 consumable:tie
peeled gasket
= cut count:1 consumable:gasket
# --- temporaries
put in prop under the tub
= place-temporary count:1 thing:prop place:"under the tub"
2 towels put in base
= place-temporary count:2 thing:towel place:base
tape lid
= place-temporary count:1 thing:tape place:lid
strap drum because it swings
= place-temporary count:1 thing:strap place:drum why:"it swings"
prop
= place-temporary count:1 thing:prop
put wooden block under motor
= place-temporary count:1 thing:block place:"under motor"
place clamp round hose
= place-temporary count:1 thing:clamp place:"round hose"
towel to catch drips
= place-temporary count:1 thing:towel why:drips
two rags in the base
= place-temporary count:2 thing:towel place:base
temp tape over hole
= place-temporary count:1 thing:tape place:"over hole"
# --- posture
tip back
= turn-machine from:upright to:"tipped back"
lay machine on its back
= turn-machine from:upright to:"on its back"
on left side
= turn-machine from:upright to:"on its left side"
machine tipped back
= turn-machine from:upright to:"tipped back"
turn on its front
= turn-machine from:upright to:"on its front"
lay on back; stand up
= turn-machine from:upright to:"on its back"
= turn-machine from:"on its back" to:upright
# --- isolation
power off
= isolate what:power
pull the plug
= isolate what:power
close cold tap
= isolate what:"cold water"
hot water off
= isolate what:"hot water"
power and water off
= isolate what:power
= isolate what:"cold water"
plug out, taps off, hot off
= isolate what:power
= isolate what:"cold water"
= isolate what:"hot water"
discharge cap
= isolate what:capacitor
mains off; cold off; hot off
= isolate what:power
= isolate what:"cold water"
= isolate what:"hot water"
shut water
= isolate what:"cold water"
drain hose off standpipe
= isolate what:"drain hose"
isolate power
= isolate what:power
# --- drain
drain by filter 5 l
= drain by:filter litres:5
drained at the filter ~8 litres
= drain by:filter litres:8
drain by hose
= drain by:hose
drain by the drain tube 3l
= drain by:"drain tube" litres:3
empty by the plug
= drain by:plug
# --- marks
mark shaft and pulley
= draw-mark mark:"shaft and pulley"
draw line across bracket
= draw-mark mark:"line across bracket"
scribe arrow on rotor
= draw-mark mark:"arrow on rotor"
marked hose 12 o'clock
= draw-mark mark:"hose 12 o'clock"
# --- attend
measure heater
= attend act:measure thing:heater
inspect belt
= attend act:inspect thing:belt
check bearing play
= attend act:inspect thing:"bearing play"
clean seat again
= attend act:clean thing:seat again:yes
photo loom behind drum
= attend act:photograph thing:"loom behind drum"
grease up shaft seal
= attend act:lubricate thing:"shaft seal"
measured winding
= attend act:measure thing:winding
# --- replaced
replace pump carry over bracket, washers
= replace-part name:pump carryOver:bracket,washers
new drain pump
= replace-part name:"drain pump"
swap door lock
= replace-part name:"door lock"
replaced bellows
= replace-part name:bellows
renew brushes carry over holder
= replace-part name:brushes carryOver:holder
replaced dosing unit, transfer grommet and clip
= replace-part name:"dosing unit" carryOver:grommet,clip
# --- several at once
2x T20 rear panel, rear panel off
= remove-fasteners count:2 drive:torx size:T20 place:"rear panel"
= remove-part name:"rear panel" opens:rear,base
4x T20x18 pump bracket @D1; plug white 3w red/blue/green
= remove-fasteners count:4 drive:torx size:T20 length:18 place:"pump bracket" cell:D1
= unplug housing:white ways:3 wires:red,blue,green
unplug P1, unplug P2, cut 2 ties
= unplug label:P1
= unplug label:P2
= cut count:2 consumable:tie
3 tabs then off console
= release-clips count:3 type:tab
= remove-part name:console opens:console
2x PH2 @A1 and 1x T20 @A2
= remove-fasteners count:2 drive:phillips size:PH2 cell:A1
= remove-fasteners count:1 drive:torx size:T20 cell:A2
power off, water off, tip back
= isolate what:power
= isolate what:"cold water"
= turn-machine from:upright to:"tipped back"
4 screws T20, pump off, towel in base
= remove-fasteners count:4 drive:torx size:T20
= remove-part name:pump
= place-temporary count:1 thing:towel place:base
6x T15 top edge @A1; same again, bottom edge
= remove-fasteners count:6 drive:torx size:T15 place:"top edge" cell:A1
= remove-fasteners count:6 drive:torx size:T15 place:"bottom edge" cell:A1
plug white 3w heater; ditto motor
= unplug housing:white ways:3 place:heater
= unplug housing:white ways:3 place:motor
2x M6x16 left; same x3 right @B2
= remove-fasteners count:2 thread:M6 length:16 place:left
= remove-fasteners count:3 thread:M6 length:16 place:right cell:B2
rear: 4x T20 @C1
= remove-fasteners count:4 drive:torx size:T20 cell:C1
zone base 2x M6 damper
= remove-fasteners count:2 thread:M6 place:damper
1x T20 @C1; 2x T25 @
= remove-fasteners count:1 drive:torx size:T20 cell:C1
= remove-fasteners count:2 drive:torx size:T25 cell:C1
loom: over rail > clip; 2x T20 rail
= unroute type:harness waypoints:"over rail,retainer"
= remove-fasteners count:2 drive:torx size:T20 place:rail
# --- written later, before they were tried
3x T20 x 30 drum weight @B4
= remove-fasteners count:3 drive:torx size:T20 length:30 place:"drum weight" cell:B4
1 screw T15 under drawer
= remove-fasteners count:1 drive:torx size:T15 place:"under drawer"
seven 8 mm bolts around the rear
= remove-fasteners count:7 size:"8 mm" drive:"hex head" place:"around the rear"
2 left-hand nuts on the motor shaft
= remove-fasteners count:2 hand:left head:nut place:"motor shaft"
M10x60 stainless, shock left
= remove-fasteners count:1 thread:M10 length:60 look:stainless place:"shock left"
unplug earth spade
= unplug place:earth
white 2w plug off door lock
= unplug housing:white ways:2 place:"door lock"
unplug sensor brown/blue
= unplug place:sensor wires:brown,blue
unclip loom holder x2
= unroute type:harness waypoints:"retainer,retainer"
clip x3 bottom of panel
= release-clips count:3 place:"bottom of panel"
hose clip spring clamp vent hose
= open-joint clamp:spring hose:"vent hose" place:"hose clip"
off door seal
= remove-part name:"door seal"
remove pump motor, 1 person
= remove-part name:"pump motor" people:1
park detergent drawer on top
= park-part name:"detergent drawer" lies:"on top"
loom: under tub > tie > tie > over motor, clear of pulley and belt
= unroute type:harness waypoints:"under tub,tie,tie,over motor" keepClear:pulley,belt
cut tape on loom
= cut count:1 consumable:tape place:loom
towel under pump
= place-temporary count:1 thing:towel place:"under pump"
take out drum
= remove-part name:drum
4 phillips console long ones
= remove-fasteners count:4 drive:phillips place:console look:long note:ones
lay on right side
= turn-machine from:upright to:"on its right side"
water off
= isolate what:"cold water"
drained 6l by filter
= drain litres:6 by:filter
check heater for scale
= attend act:inspect thing:"heater for scale"
swap thermostat carry over clip
= replace-part name:thermostat carryOver:clip
unscrew earth wire 10mm @A2
= remove-fasteners count:1 size:"10 mm" drive:"hex head" place:"earth wire" cell:A2
pull heater
= pull-off name:heater
slacken heater nut 10mm 3 turns
= slacken count:1 head:nut size:"10 mm" drive:"hex head" turns:3 place:heater
two bolts off
= remove-fasteners count:2
belt off, then pulley bolt M8x25 left hand
= slip-belt
= remove-fasteners count:1 thread:M8 length:25 hand:left place:pulley
P4 white 5 way slider, main board
= unplug label:P4 housing:white ways:5 lock:"secondary slider" place:"main board"
4x T20 around the door ring @A3
= remove-fasteners count:4 drive:torx size:T20 place:"around the door ring" cell:A3
2 nuts 10 mm heater bridge snug
= remove-fasteners count:2 head:nut size:"10 mm" drive:"hex head" place:"heater bridge" feel:snug
one long screw left of the pump @D2
= remove-fasteners count:1 look:long place:"left of the pump" cell:D2
6x 4.2x16 self tapping screw rear panel
= remove-fasteners count:6 thread:4.2 length:16 place:"rear panel"
3x M8x1.25 rotor 60 Nm
= remove-fasteners count:3 thread:M8 pitch:1.25 place:rotor torque:60
out 2x T25 hinge top, cracked
= remove-fasteners count:2 drive:torx size:T25 place:"hinge top" condition:cracked
unplug J7 black 8w tab
= unplug label:J7 housing:black ways:8 lock:tab
plug on the level switch, 3 pins, green/yellow
= unplug place:"level switch" ways:3 wires:green,yellow
motor connector white 6w
= unplug place:motor housing:white ways:6
red wire off spade, heater left
= unplug wires:red place:"heater left"
release 2 hooks bottom of console
= release-clips count:2 type:hook place:"bottom of console"
pop 4 push pins
= release-clips count:4 type:push-pin
main loom: clip > clip > grommet > under rail > tie
= unroute type:harness place:main waypoints:"retainer,retainer,grommet,under rail,tie"
door switch wire over hinge > through post
= unroute type:"single wire" place:"door switch" waypoints:"over hinge,through post"
dispenser hose worm clamp
= open-joint hose:"dispenser hose" clamp:worm
bellows hose off tub, ears 2 o'clock
= open-joint hose:"bellows hose" place:tub clock:2
off kick plate
= remove-part name:"kick plate" opens:base
heater out
= remove-part name:heater
take off front counterweight 2 people on the floor
= remove-part name:"front counterweight" people:2 lies:"on the floor"
park board box on the frame
= park-part name:"board box" lies:"on the frame"
pull off agitator
= pull-off name:agitator
cut tie at grommet
= cut count:1 consumable:tie place:grommet
prop under tub because spring is off
= place-temporary count:1 thing:prop place:"under tub" why:"spring is off"
tape over drain hole
= place-temporary count:1 thing:tape place:"over drain hole"
tip back and put in block under front
= turn-machine from:upright to:"tipped back"
= place-temporary count:1 thing:block place:"under front"
drain by filter
= drain by:filter
plug out
= isolate what:power
close hot tap
= isolate what:"hot water"
mark belt direction
= draw-mark mark:"belt direction"
inspect brushes
= attend act:inspect thing:brushes
replace belt
= replace-part name:belt
3x T20 left, same right
= remove-fasteners count:3 drive:torx size:T20 place:left
= remove-fasteners count:3 drive:torx size:T20 place:right
2 screws and 1 nut off bracket
= remove-fasteners count:2
= remove-fasteners count:1 head:nut place:bracket
slacken tensioner bolt 13 mm two turns
= slacken count:1 size:"13 mm" drive:"hex head" turns:2 place:tensioner
`

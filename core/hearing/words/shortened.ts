/** What the bench cuts short, and what it stands for. */
export const shortenedLines = `
assy: assembly
temp: temperature
mech: mechanism
brkt: bracket
bkt: bracket
brk: bracket
brd: board
bd: board
ctrl: control
cntrl: control
pnl: panel
pnls: panels
mtr: motor
mot: motor
htr: heater
hrn: harness
hrns: harness
harn: harness
wht: white
conn: connector
cnn: connector
conns: connectors
scr: screw
scrw: screw
scrws: screws
scrs: screws
blts: bolts
blt: bolt
clp: clip
clps: clips
rtnr: retainer
drwr: drawer
wkt: worktop
fltr: filter
vlv: valve
sw: switch
swt: switch
sns: sensor
sens: sensor
snsr: sensor
therm: thermostat
cw: counterweight
cwt: counterweight
c/wt: counterweight
c/w: counterweight
brg: bearing
brgs: bearings
ply: pulley
pul: pulley
dmpr: damper
susp: suspension
spr: spring
hse: hose
tb: tube
pcb: board
rr: rear
frt: front
frnt: front
lft: left
rgt: right
btm: bottom
bot: bottom
ctr: centre
cntr: centre
mid: middle
lwr: lower
upr: upper
rmv: remove
rmvd: removed
rem: remove
remd: removed
r/o: remove
t/o: takeout
d/c: disconnect
d/c'd: disconnected
disc: disconnect
disch'd: discharged
dischd: discharged
rel'd: released
reld: released
loos'd: loosened
loosd: loosened
rplcd: replaced
rplc: replace
repl: replace
depr: depress
rot: rotate
rotd: rotated
unplg: unplug
unplgd: unplugged
mk: mark
mkd: marked
lk: lock
lck: lock
d/lock: door lock
hngd: hinged
w/: with
w/o: without
thru: through
fwd: forward
bk: back
pwr: power
recept: outlet
gnd: ground
grnd: ground
drn: drain
press: pressure
pos: position
posn: position
mtg: mounting
mnt: mounting
cvr: cover
act: actuator
blks: blocks
m/c: machine
cab: cabinet
disp: dispenser
hdw: hardware
qty: quantity
agi: agitator
agit: agitator
trans: transmission
imp: impeller
sol: solenoid
thrd: thread
lwd: lowered
low'd: lowered
lowd: lowered
f/panel: front panel
l/h: left hand
r/h: right hand
elec: electricity
rtd: rotated
wtr: water
ea: each
pcs: pieces
pc: piece
nr: number
no.: number
cond: condition
`

/** What dictation hears where the trade says something else: heard, meant. Only where the neighbours speak for it. */
export const misheardLines = `
torques: torx
torks: torx
fashion: fascia
philtre: filter
leters: litres
litter: litre
liters: litres
mills: mm
mil: mm
mill: mm
millimetres: mm
millimeters: mm
millimetre: mm
millimeter: mm
milimeter: mm
milimetre: mm
matt: mat
lume: loom
lum: loom
knew: new
blew: blue
bell owes: bellows
display bored: display board
pull doubt: pulled out
pull a: puller
rota: rotor
stater: stator
stay to: stator
pull e: pulley
on clipped: unclipped
un plugged: unplugged
un plug: unplug
un clipped: unclipped
un screwed: unscrewed
backwoods: backwards
won: one
ate: eight
fore: four
weigh: way
nocked: knocked
mist sing: missing
underneath: underneath
the wait: the weight
front wait: front weight
top wait: top weight
counter wait: counterweight
counter weight: counterweight
shok: shock
tyes: ties
tye: tie
ty: tie
zippies: zip ties
some hose: sump hose
the some: the sump
lion: line
pully: pulley
bak: back
sea: see
scews: screws
scew: screw
pullies: pulleys
`

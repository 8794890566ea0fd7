/**
 * The nouns of the trade by the class of thing that they are, in the singular; what a word sets of its thing follows in brackets as
 * `field=value`. Names of parts come from the catalogue of the assembly; here stand the things that a kind of move is known by.
 */
export const thingLines: Readonly<Record<string, string>> = {
  fastener:
    'screw, bolt, fastener, self tapper, self-tapping screw, grub screw, machine screw, set screw, setscrew, tapper, fixing, thumbscrew, wood screw, coach bolt, through bolt, allen bolt, hex bolt, stud bolt, capscrew, ' +
    'nut [drive=nut], locknut [drive=nut], lock nut [drive=nut], nyloc [drive=nut], wing nut [drive=nut], flange nut [drive=nut], stud [head=stud], hexagon screw [drive=hex head], hex screw [drive=hex head], hex nut [drive=nut]',
  clip:
    'clip, catch, latch, lug, snap, fastening, clasp, button clip, quarter-turn fastener, ' +
    'tab [type=tab], locking tab [type=tab], tongue [type=tab], hook [type=hook], locking hook [type=hook], push pin [type=push-pin], pushpin [type=push-pin], push rivet [type=push-pin], plastic rivet [type=push-pin], trim pin [type=push-pin], ' +
    'push fit pin [type=push-pin], plastic pin [type=push-pin], spring clip [type=spring clip], bayonet [type=bayonet], bayonet lock [type=bayonet], bayonet fitting [type=bayonet], quarter turn [type=bayonet], 1/4 turn [type=bayonet], snap tab [type=tab]',
  plug: 'plug, connector, conn, multiplug, coupler plug, edge connector, plug connector, housing plug, block connector, socket, receptacle, terminal',
  spade:
    'spade [terminal=spade], spade terminal [terminal=spade], spade connector [terminal=spade], flat terminal [terminal=spade], flat plug [terminal=spade], faston [terminal=spade], blade terminal [terminal=spade], push-on terminal [terminal=spade], ' +
    'push on terminal [terminal=spade], push-on [terminal=spade], ring terminal [terminal=ring], ring tongue [terminal=ring], ring eyelet [terminal=ring], eyelet [terminal=ring], eye terminal [terminal=ring], tag [terminal=], wire tag [terminal=]',
  tie: 'tie, cable tie, zip tie, ziptie, zippy, zippie, tie wrap, tie-wrap, tywrap, tyrap, cable binder, plastic strip, wire tie, plastic tie, bridle, tyre wrap, ty wrap',
  tape: 'tape, sticky tape, masking tape, duct tape, insulating tape, strip of tape',
  seal: 'seal, gasket, o-ring, o ring, oring, packing',
  hose:
    'hose, pipe, bellow hose, drain hose, sump hose, fill hose, inlet hose, outlet hose, hose joint, corrugated hose, boot hose, dome hose, overflow hose, vent hose, filling hose, rubber boot, tub boot, tub hose, pump hose, ' +
    'recirculation hose, aquastop hose, dispenser hose, waste hose, supply hose, spout hose, stub, tub bellow',
  tube: 'pressure tube, air tube, pressure hose, air hose, level tube, tube, small tube, capillary, vent tube, sensing tube, little tube, press tube',
  clamp:
    'clamp, hose clamp, band clamp, clamp band, jubilee [clamp=worm], jubilee clip [clamp=worm], worm clamp [clamp=worm], worm drive clamp [clamp=worm], worm drive [clamp=worm], worm [clamp=worm], screw clamp [clamp=worm], strap clamp [clamp=worm], ' +
    'screw type [clamp=worm], worm-drive clip [clamp=worm], spring clamp [clamp=spring], spring band clamp [clamp=spring], spring band [clamp=spring], squeeze clamp [clamp=spring], pinch clamp [clamp=spring], pincher [clamp=spring], ' +
    'spring pincher [clamp=spring], wire clamp [clamp=spring], wire clip [clamp=spring], squeeze clip [clamp=spring], squeezy clip [clamp=spring], pinchy clip [clamp=spring], constant tension clamp [clamp=spring], clic clamp [clamp=ear], ' +
    'ear clamp [clamp=ear], crimp clamp [clamp=ear], pinch type [clamp=ear], o clip [clamp=ear], spring kind [clamp=spring], spring type [clamp=spring], hose clip, clamp of spring [clamp=spring], clamp with spring [clamp=spring], spring one [clamp=spring], worm one [clamp=worm]',
  line:
    'loom [type=harness], harness [type=harness], wiring loom [type=harness], wire harness [type=harness], wiring harness [type=harness], wiring [type=harness], cable harness [type=harness], cable tree [type=harness], wire bundle [type=harness], ' +
    'bundle [type=harness], group of cables [type=harness], wires [type=harness], cables [type=harness], leads [type=harness], cable loom [type=harness], wire [type=single wire], single wire [type=single wire], lead [type=single wire], core [type=single wire], ' +
    'cable [type=cable], cord [type=cable], flex [type=cable], ribbon [type=cable], ground strap [type=ground strap], earth strap [type=ground strap], ground wire [type=ground strap], earth wire [type=ground strap], ground lead [type=ground strap], ' +
    'earth lead [type=ground strap], earth cable [type=ground strap], ground cable [type=ground strap], earth braid [type=ground strap], braid [type=ground strap], bonding strap [type=ground strap], earth [type=ground strap], ground [type=ground strap], line',
  belt: 'belt, drive belt, poly v belt, v belt, ribbed belt, driving belt, poly-v',
  temporary:
    'prop [thing=prop], stick [thing=prop], stand [thing=prop], support [thing=prop], pole [thing=prop], axle stand [thing=prop], towel [thing=towel], rag [thing=towel], cloth [thing=towel], sponge [thing=towel], old towel [thing=towel], strap [thing=strap], ' +
    'ratchet strap [thing=strap], bungee [thing=strap], rope [thing=strap], string [thing=strap], cord [thing=strap], tray [thing=tray], pan [thing=tray], bowl [thing=tray], bucket [thing=tray], basin [thing=tray], dish [thing=tray], tin [thing=tray], ' +
    'baking tin [thing=tray], tub tray [thing=tray], block [thing=block], wooden block [thing=block], block of wood [thing=block], bit of wood [thing=block], wood [thing=block], wedge [thing=block], timber [thing=block], bit of timber [thing=block], ' +
    'plank [thing=block], board [thing=block], brick [thing=block], chock [thing=block], two by four [thing=block], two-by-four [thing=block], 2x4 [thing=block], 2 by 4 [thing=block], batten [thing=block], mat [thing=mat], blanket [thing=mat], ' +
    'carpet [thing=mat], foam [thing=mat], foam mat [thing=mat], cardboard [thing=mat], quilt [thing=mat], rug [thing=mat], duvet [thing=mat], moving blanket [thing=mat], pinch-off clamp [thing=clamp], hose pincher [thing=clamp], g clamp [thing=clamp]',
  power:
    'power, pwr, mains, electricity, elec, leccy, current, mains plug, wall plug, power plug, netplug, power cord, power cable, mains lead, powerpoint, breaker, brkr, fused spur, spur, wall socket, wall outlet, power supply, juice, supply, electrics',
  water:
    'water, tap, faucet, water tap, valve tap, stopcock, stop cock, shutoff, shut-off, hose bib, bib, supply valve, water supply, isolating valve, stop valve, key of water, key of the water, watertap, spigot, stop tap, feed',
  pressure: 'pressure',
  standpipe: 'standpipe, stand pipe, drain pipe in the wall, trap',
  capacitor:
    'capacitor, cap, condenser, condensator, start cap, run cap, start capacitor, run capacitor, motor capacitor, suppressor',
  filter:
    'filter, pump filter, lint filter, fluff filter, coin trap, drain filter, filter housing, philtre, trap filter, filter cap',
  drain: 'drain, drain tube, emergency hose, drain hose tube, bilge',
  machine: 'machine, washer, washing machine, unit, m/c, appliance, mashine',
  mark: 'mark, line, arrow, dot, tick, pencil, marker, pen, paint pen, sharpie, texta, nail varnish, felt pen, chalk, number, letter, chisel, tippex',
  spring: 'spring, suspension spring, tub spring, tension spring, hanging spring, feather',
  ring: 'ring, band, hoop, wire ring, clamp ring, clamping ring, retaining ring, outer ring, inner ring, outer wire, spring ring, seal clip, circlip, snap ring',
  pin: 'pin, damper pin, hinge pin, dowel, rod, suspension rod, strut pin, roll pin',
  retainer:
    'retainer, saddle, holder, p-clip, p clip, cable clip, cable holder, harness clip, wire clip, plastic holder, loom clip, cradle, fir tree, edge clip',
  groove: 'groove, channel, trough, cable channel, duct, cable duct, trunking, slot, gutter, conduit',
  grommet: 'grommet, rubber grommet, gland, bush',
  soft: 'lip, bellows lip, seal lip, sound mat, insulation, felt, flap, foam strip, skirt of rubber',
  tool: 'puller, screwdriver, driver, spanner, socket, wrench, hammer, mallet, pliers, knife, putty knife, scraper, extension, bar, long bar, blade, flat blade, drift, hoist, crowbar, torch, lever, tongs, key, hook tool, grinder, heat, freeze spray, finger, thumb, hand, nut driver',
  person:
    'helper, colleague, mate, friend, brother, boss, assistant, customer, wife, kid, grandson, lady, somebody, someone, nobody, people, man, men, apprentice',
}

<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Job sheets of a build, each at the stage that needs it (P-1 … P-9, P-19, P-20, P-24); the company edits its own copy. */
final class BuildJobs
{
    private const LICENSED = 'Local codes and licensed practice decide; this sheet approves nothing.';

    /** Before what cannot be undone (X-42), steps counted from 0. */
    private const HOLDS = [
        'drill-glass' => [0, 1],
        'glue-pipe' => [0, 1],
        'over-water' => [3],
        'hang-lights' => [1, 3],
        'leak-test' => [1],
        'first-fill' => [0],
        'install-controller' => [6, 7],
    ];

    private const GLASS_HANDS = 'Cut-proof gloves, goggles, closed shoes.';

    /** @return list<TaskType> */
    public static function all(): array
    {
        return [...self::workshop(), ...self::onSite(), ...self::filling()];
    }

    /** @return array<string, string> names of a stage's sheets, by key */
    public static function at(string $stage): array
    {
        return array_column(
            array_map(
                fn (TaskType $t): array => [$t->key, $t->name],
                array_filter(self::all(), fn (TaskType $t): bool => $t->stage === $stage),
            ),
            1,
            0,
        );
    }

    /** @return list<TaskType> */
    private static function workshop(): array
    {
        return [
            self::sheet(
                key: 'drill-glass',
                name: 'Drill a hole in glass',
                stage: 'fabricated',
                minutes: 45,
                persons: 1,
                steps: [
                    'Look through crossed polarised film: stripes or spots mean toughened, stop',
                    'Owner’s consent seen, plan of holes at full size laid on and measured twice',
                    'Pane flat on foam, outdoors or with the floor covered; tank empty and dry',
                    'Template clamped, catch cloth and tape under the hole: the disc falls on nothing',
                    'Water runs over the cut all the time',
                    'Diamond saw tilted for the first groove, then upright, slow, only its own weight',
                    'Lighter still for the last millimetre: that is where chips come',
                    'Edge dressed, rinsed, chips measured: they end before half the gasket’s seat',
                ],
                cautions: [
                    'Never drill toughened glass: it bursts.',
                    'Mains drill and water do not meet: cordless, or isolated behind a residual-current device.',
                    'Glass dust: wet, mask, goggles, gloves.',
                    self::GLASS_HANDS,
                ],
                about: [
                    'for' => 'A pane gets an overflow, drain or return where the hole plan has it.',
                    'not' => 'Not on toughened glass, not nearer to an edge than the plan allows, not with water in the tank.',
                    'tools' => [
                        'diamond hole saws',
                        'cordless drill',
                        'template and clamps',
                        'water feed',
                        'polarised film',
                    ],
                    'materials' => ['foam sheet', 'tape, cloth', 'fine diamond pad'],
                    'proof' => 'photo of the hole with a rule; the largest chip in mm',
                    'record' => 'glass thickness, minutes for the hole, chips',
                ],
            ),
            self::sheet(
                key: 'cure-rock',
                name: 'Cure dry or live rock',
                stage: 'ordered',
                minutes: 60,
                persons: 1,
                steps: [
                    'Brush off what is loose, rinse in salt water',
                    'Tub with heater, strong flow and no light',
                    'Ammonia and nitrite every third day',
                    'Change the water when ammonia passes 2 mg/L',
                    'Done when both read nothing twice, a week apart',
                ],
                cautions: [
                    'Live rock can carry stinging and toxic animals: gloves, goggles, never boil or steam it.',
                    'Waste water to the foul drain, never to open water.',
                ],
                about: [
                    'for' => 'What dies on the rock dies outside the tank.',
                    'not' => 'Not in the display once animals live in it.',
                    'tools' => ['tub, heater, pump', 'brush', 'ammonia and nitrite tests'],
                    'materials' => ['salt water'],
                    'proof' => 'two readings at nothing, a week apart',
                    'record' => 'kg dry and wet, days, what came out',
                ],
            ),
            self::sheet(
                key: 'reuse-stand',
                name: 'Rinse a reused stand or sump',
                stage: 'ordered',
                minutes: 40,
                persons: 1,
                steps: [
                    'Salt creep off with warm fresh water',
                    'Seams, corners and bulkhead seats with a soft brush',
                    'Snail shells and worm tubes out of every pipe',
                    'Look at every seam while wet',
                    'Dry for a day, look at every seam again',
                    'Wood and steel: feet, joints and screws looked at for rot and rust',
                ],
                cautions: ['A crazed panel, a soft foot or a rusted weld is a Stop: somebody competent looks at it.'],
                about: [
                    'for' => 'What was used before is clean and sound before it is used again.',
                    'not' => 'No copper-treated tank for invertebrates without its own test.',
                    'tools' => ['brushes', 'torch', 'polarised film'],
                    'materials' => ['vinegar or citric acid'],
                    'proof' => 'photos of each seam, wet and dry',
                    'record' => 'age, what it held, treatments it saw',
                ],
            ),
            self::sheet(
                key: 'acid-soak',
                name: 'Soak in vinegar or citric acid',
                stage: null,
                minutes: 30,
                persons: 1,
                steps: [
                    'Window open, gloves and goggles on',
                    'Acid into the water, never water into the acid',
                    'Parts in, without probes and rubber that swells',
                    'Leave it until the scale has gone',
                    'Rinse twice, run it in a bucket of fresh water',
                    'Bath to the foul drain, thinned',
                ],
                cautions: ['Never with or after bleach: chlorine gas kills.', 'Gloves, goggles, open window.'],
                about: [
                    'for' => 'Scale comes off pumps, plumbing and acrylic without scraping.',
                    'not' => 'Not on calcium animals, not on bare metal.',
                    'tools' => ['tub', 'gloves, goggles'],
                    'materials' => ['vinegar, or citric acid 50 g a litre'],
                    'proof' => 'the part runs at the watts it had new',
                    'record' => 'minutes, watts before and after',
                ],
            ),
        ];
    }

    /** @return list<TaskType> */
    private static function onSite(): array
    {
        return [
            self::sheet(
                key: 'engineer-calls',
                name: 'Ask the engineer',
                stage: 'structure',
                minutes: 60,
                persons: 1,
                steps: [
                    'Plan’s mass, footprint and place on paper',
                    'Span, joists and storey as surveyed, with photos',
                    'Wall openings and chases named, temporary props asked for',
                    'Their dated document kept with the plan',
                    'Changes after it go back to them',
                ],
                cautions: ['No load stands and no wall is opened before their document is here.', self::LICENSED],
                about: [
                    'for' => 'A floor or wall carries what the plan puts on it.',
                    'not' => 'Nothing here replaces the engineer.',
                    'tools' => ['the plan’s loads'],
                    'materials' => [],
                    'proof' => 'the engineer’s dated document',
                    'record' => 'name, date, conditions',
                ],
            ),
            self::sheet(
                key: 'fit-bulkhead',
                name: 'Bulkheads and hang-on boxes',
                stage: 'plumbed',
                minutes: 20,
                persons: 1,
                steps: [
                    'Hole dry, edge smooth, chips measured',
                    'Gasket on the wet side, flange flat on it',
                    'Nut by hand, then a quarter turn',
                    'Silicone only where the plan says so, then its full cure',
                    'Upright, with room for the next nut',
                    'Water against it: a dry paper for an hour',
                ],
                cautions: ['More than a quarter turn cracks glass.'],
                about: [
                    'for' => 'A pipe passes a pane without a drop.',
                    'not' => 'Not over a chip that reaches the gasket.',
                    'tools' => ['strap wrench', 'torch'],
                    'materials' => ['gaskets', 'paper'],
                    'proof' => 'paper dry after an hour',
                    'record' => 'which joint, who',
                ],
            ),
            self::sheet(
                key: 'glue-pipe',
                name: 'Glue pipe',
                stage: 'plumbed',
                minutes: 30,
                persons: 1,
                steps: [
                    'Everything cut and laid dry, arrows across every joint',
                    'Collars, clips and unions slid on now',
                    'Edges deburred, ends clean',
                    'Primer on both, cement on both',
                    'In to the mark with a quarter turn, hold it half a minute',
                    'Hours of cure for its bore and cold before pressure',
                ],
                cautions: ['Solvents: open window, gloves, no flame.'],
                about: [
                    'for' => 'Joints that hold pressure and can be told apart later.',
                    'not' => 'Not below the maker’s least temperature, not wet.',
                    'tools' => ['saw, deburrer', 'marker'],
                    'materials' => ['primer, cement', 'rags'],
                    'proof' => 'photo of marks met; dry at full flow',
                    'record' => 'hour glued, hour filled',
                ],
            ),
            self::sheet(
                key: 'leak-test',
                name: 'Leak test',
                stage: 'leak-test',
                minutes: 60,
                persons: 1,
                steps: [
                    'Where a burst does no harm: outdoors, or in a tray that takes it all',
                    'Stand or floor flat, foam as it will stand',
                    'Fresh water in quarters, seams looked at each time',
                    'Level marked with hour and temperature',
                    'Dry paper along every seam',
                    'A day, better two; then level, paper and bow of the front pane',
                    'Empty it by the drain, dry it',
                ],
                cautions: ['A tank that bursts throws glass: nobody kneels before it while it fills.'],
                about: [
                    'for' => 'The seams hold before anything hangs on them.',
                    'not' => 'Not with salt water, not on the stand in the finished room.',
                    'tools' => ['tray', 'marker, rule', 'torch'],
                    'materials' => ['dry paper'],
                    'proof' => 'photos of paper and mark at the end',
                    'record' => 'hours, mm lost, bow of the front pane in mm',
                ],
            ),
            self::sheet(
                key: 'over-water',
                name: 'Work over open water',
                stage: null,
                minutes: 15,
                persons: 2,
                steps: [
                    'Water covered, edge taped',
                    'Protective gear of this job laid out',
                    'Every fixing of a metal the salt does not eat',
                    'Each fixing pulled at what the plan asks before it carries',
                    'Dust drawn off before the cover comes away',
                    'Sealant cured before light and heat',
                ],
                cautions: ['Nothing is held over the water by one hand.', 'Power off at the strip beneath.'],
                about: [
                    'for' => 'Nothing falls, drips or crumbles into the tank.',
                    'not' => 'Not above animals that can be moved first.',
                    'tools' => ['cover sheet', 'vacuum', 'scale for the pull'],
                    'materials' => ['stainless or plastic fixings'],
                    'proof' => 'photo with the cover, figure of the pull',
                    'record' => 'fixings, pull in kg',
                ],
            ),
            self::sheet(
                key: 'hang-lights',
                name: 'Hang lights or a rack',
                stage: 'lights',
                minutes: 60,
                persons: 2,
                steps: [
                    'Structure found and marked, pipes and cables too',
                    'Fixing rated for that ceiling; a competent person confirms it on the spot',
                    'Two people; cover over the water',
                    'Each fixing pulled at what the plan asks',
                    'Hung level, slack in the lead, drip loop, leads trimmed',
                    'Height as the plan has it, from the rim',
                    'Second hold fastened before anybody lets go',
                ],
                cautions: ['Ladder on firm ground, somebody at its foot.', 'Goggles when cutting panels.', self::LICENSED],
                about: [
                    'for' => 'Lamps hang where the light plan has them, and stay there.',
                    'not' => 'Not from plasterboard alone, not from a pipe.',
                    'tools' => ['detector', 'drill, level', 'scale for the pull', 'ladder'],
                    'materials' => ['rated fixings', 'cables, second holds'],
                    'proof' => 'photo of each fixing; who confirmed it',
                    'record' => 'heights, pull in kg',
                ],
            ),
            self::sheet(
                key: 'install-controller',
                name: 'Install board and controller',
                stage: 'electrics',
                minutes: 120,
                persons: 1,
                steps: [
                    'Board up high and dry, strip above every level',
                    'Cords through bushed edges, in the order of the plan',
                    'A label at each plug, the same in the register',
                    'Probes in the flow, away from heaters',
                    'Calibrate; note slope and offset',
                    'Programme, then read it back aloud',
                    'Pull the link: does everything fall to its safe side?',
                    'Make it call a real telephone',
                ],
                cautions: ['Circuits and protection are an electrician’s.', 'Drip loops; no plug below a water line.'],
                about: [
                    'for' => 'What switches can be read, pulled and trusted.',
                    'not' => 'Not before the residual-current protection is tried.',
                    'tools' => ['label printer', 'calibration fluids', 'second telephone'],
                    'materials' => ['grommets, ties'],
                    'proof' => 'photo of the board; minutes until the call',
                    'record' => 'outlets, plugs, slope and offset',
                ],
            ),
        ];
    }

    /** @return list<TaskType> */
    private static function filling(): array
    {
        return [
            self::sheet(
                key: 'first-fill',
                name: 'First filling',
                stage: 'filled',
                minutes: 120,
                persons: 1,
                steps: [
                    'Joints looked at, valves as the plan has them, pumps off',
                    'Salt mixed outside; or inside, only while nothing lives in it and no live rock is in it',
                    'Fill in quarters, seams and joints looked at each time',
                    'Temperature and salinity by two instruments',
                    'Pumps on one after the other, leak paper under each joint',
                    'Power-cut rehearsal: mark the highest level of the sump',
                ],
                cautions: [
                    'Salt into water, never water onto salt.',
                    'Water and mains: dry hands, nobody alone with a full tank on its first night.',
                ],
                about: [
                    'for' => 'Full, level, at its salinity, and dry outside.',
                    'not' => 'Not before the leak test, the engineer’s document and the electrician’s record.',
                    'tools' => ['hoses, transfer pump', 'refractometer and a second instrument', 'torch'],
                    'materials' => ['salt, RO water', 'paper'],
                    'proof' => 'two salinities, photo of each joint dry',
                    'record' => 'litres by the meter, kg of salt',
                ],
            ),
            self::sheet(
                key: 'lay-sand',
                name: 'Lay sand in a new system',
                stage: 'scape',
                minutes: 60,
                persons: 1,
                steps: [
                    'Rock on the base first, it does not rock',
                    'Sand sieved and rinsed until clear, live sand not',
                    'Pumps off; by bag or pipe to the bottom',
                    'Level and depth measured at four places',
                    'Half an hour’s rest, then filters on with fresh floss',
                ],
                cautions: ['Power off before hands go in.'],
                about: [
                    'for' => 'A bed of the plan’s depth that clouds for a day, not a week.',
                    'not' => 'Not under rock that sand would carry.',
                    'tools' => ['sieve, buckets', 'pipe, funnel'],
                    'materials' => ['sand', 'floss'],
                    'proof' => 'depths at four places',
                    'record' => 'kg, grain, depth in mm',
                ],
            ),
        ];
    }

    /**
     * @param  list<string>  $steps
     * @param  list<string>  $cautions
     * @param  array{for: string, not: string, tools: list<string>, materials: list<string>, proof: string, record: string}  $about
     */
    private static function sheet(
        string $key,
        string $name,
        ?string $stage,
        float $minutes,
        int $persons,
        array $steps,
        array $cautions,
        array $about,
    ): TaskType {
        return new TaskType(
            $key,
            $name,
            0,
            $minutes,
            $steps,
            $cautions,
            persons: $persons,
            build: true,
            stage: $stage,
            purpose: $about['for'],
            whenNot: $about['not'],
            tools: $about['tools'],
            materials: $about['materials'],
            proof: $about['proof'],
            record: $about['record'],
            holds: self::HOLDS[$key] ?? [],
        );
    }
}

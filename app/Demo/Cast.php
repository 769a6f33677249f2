<?php

declare(strict_types=1);

namespace App\Demo;

/** Merrowick, a harbour town that does not exist, and the people who keep its aquariums. */
final class Cast
{
    public const TOWN = 'Merrowick';

    /** @var list<array{0: string, 1: string, 2: string}> name, address, role */
    public const PEOPLE = [
        ['Marit Solway', 'marit@merrowick.example', 'owner'],
        ['Teodor Brask', 'teodor@merrowick.example', 'planner'],
        ['Ines Callard', 'ines@merrowick.example', 'technician'],
        ['Jory Pellan', 'jory@merrowick.example', 'technician'],
        ['Wanda Osterley', 'wanda@merrowick.example', 'technician'],
        ['Lukas Ferrin', 'lukas@merrowick.example', 'technician'],
        ['Noor Haddow', 'noor@merrowick.example', 'technician'],
    ];

    /**
     * @var list<array{0: string, 1: string, 2: list<array{0: string, 1: string, 2: string, 3: string}>}> client, place, systems:
     *     name, kind, regime, build
     */
    public const PLACES = [
        [
            'Tolland Practice',
            'Waiting rooms',
            [
                ['Long wall', 'mixed reef, two rooms look in', 'natural', 'long'],
                ['Children’s corner', 'soft corals and anemones', 'soft-coral', 'corner'],
                ['Quarantine', 'quarantine tank', 'quarantine', 'bare'],
            ],
        ],
        [
            'Harbour Hotel Ostry',
            'Lobby',
            [
                ['Lobby column', 'fish only, cylinder', 'fish-only', 'column'],
                ['Bar reef', 'mixed reef behind the bar', 'natural', 'standard'],
                ['Breakfast room', 'soft corals', 'soft-coral', 'cube'],
            ],
        ],
        ['Restaurant Netmaker', 'Dining room', [['Window reef', 'mixed reef', 'natural', 'standard']]],
        [
            'Family Arvidsen',
            'Cliff house',
            [
                ['Living room', 'stony corals', 'raised', 'long'],
                ['Study', 'seahorses, cool water', 'cool', 'cube'],
                ['Frag bench', 'coral fragments', 'raised', 'frag'],
            ],
        ],
        ['Brandt & Ose', 'Head office', [['Boardroom', 'mixed reef', 'natural', 'grand']]],
        ['Lantern Street School', 'Biology room', [['Teaching reef', 'soft corals', 'soft-coral', 'standard']]],
        ['Dr Quillon', 'Dental surgery', [['Reception', 'fish only', 'fish-only', 'standard']]],
        [
            'Family Perrow',
            'Mill cottage',
            [
                ['Hall', 'low nutrient stony corals', 'low-nutrient', 'standard'],
                ['Quarantine', 'quarantine tank', 'quarantine', 'bare'],
            ],
        ],
        ['Town Library', 'Reading hall', [['Round tank', 'fish only, cylinder', 'fish-only', 'column']]],
        ['Sela Wyndham', 'Flat over the ferry', [['Sitting room', 'mixed reef', 'natural', 'cube']]],
        [
            'The Blue Door',
            'Shop',
            [
                ['Show tank', 'mixed reef', 'natural', 'long'],
                ['Coral rack', 'coral fragments for sale', 'raised', 'frag'],
                ['Fish hold', 'quarantine tank', 'quarantine', 'bare'],
            ],
        ],
        [
            'Family Okerlund',
            'Terrace house',
            [
                ['Dining room', 'mixed reef', 'natural', 'standard'],
                ['Landing', 'fish only, one large wrasse', 'fish-only', 'cube'],
            ],
        ],
        ['Ferrymen’s Club', 'Club room', [['Old tank', 'fish only, thirty years of coral rock', 'fish-only', 'long']]],
        ['Halefin Optics', 'Workshop', [['Counter', 'soft corals', 'soft-coral', 'cube']]],
        [
            'Family Brennick',
            'Farmhouse',
            [['Gallery', 'stony corals', 'raised', 'grand'], ['Sun room', 'soft corals', 'soft-coral', 'corner']],
        ],
        [
            'Veterinary Practice Lornay',
            'Front desk',
            [['Front desk', 'soft corals and anemones', 'soft-coral', 'standard']],
        ],
        ['Kestrel House', 'Day room', [['Day room', 'fish only, for residents', 'fish-only', 'standard']]],
        ['Pia Hollander', 'Loft', [['Loft reef', 'low nutrient stony corals', 'low-nutrient', 'cube']]],
        ['Saltmarsh Savings', 'Counter hall', [['Counter hall', 'mixed reef', 'natural', 'long']]],
        [
            'Family Threlkeld',
            'Villa Saltgrass',
            [
                ['Pool room', 'mixed reef, in the wall', 'natural', 'grand'],
                ['Bedroom', 'seahorses, cool water', 'cool', 'cube'],
            ],
        ],
        ['The Tin Kettle', 'Café', [['Café window', 'soft corals', 'soft-coral', 'standard']]],
        ['Ivo Strand', 'Houseboat mooring 9', [['Cabin', 'soft corals', 'soft-coral', 'cube']]],
        ['Merrow Theatre', 'Foyer', [['Foyer', 'fish only', 'fish-only', 'long']]],
        ['Family Vantongeren', 'Lime Court 4', [['Corner tank', 'mixed reef in a corner', 'natural', 'corner']]],
        ['Ebbtide Sound Rooms', 'Reception', [['Reception', 'mixed reef', 'natural', 'standard']]],
        [
            'Merrowick Reefkeepers',
            'Depot',
            [
                ['Holding', 'quarantine and holding', 'quarantine', 'long'],
                ['Mother colony', 'stony corals', 'raised', 'frag'],
                ['Mixing station', 'salt water for the vans', 'fish-only', 'bare'],
            ],
        ],
    ];

    /** @var list<string> */
    public const SURNAMES = [
        'Aldous',
        'Berrand',
        'Corwen',
        'Dunmore',
        'Ellery',
        'Fenwright',
        'Garrow',
        'Hollis',
        'Ingram',
        'Jessop',
        'Kellan',
        'Lowther',
        'Marden',
        'Nairn',
        'Orrick',
        'Penrose',
        'Quayle',
        'Rudd',
        'Selwyn',
        'Tarrant',
        'Umber',
        'Vale',
        'Wexley',
        'Yarrow',
    ];

    /** @var list<string> */
    public const STREETS = [
        'Netloft Row',
        'Capstan Lane',
        'Lower Quay',
        'Saltpan Road',
        'Chandler Steps',
        'Beacon Hill',
        'Ropewalk',
        'Pilot Terrace',
        'Gullhaven',
        'Ferry Street',
    ];

    /** @var list<string> */
    public const NOTES = [
        'Return valve is half closed on purpose: the skimmer floods above this flow.',
        'Left circulation pump hums when cold. It is not broken.',
        'Do not move the large anemone’s rock: it has sat there for six years.',
        'The cleaner sprays on Mondays: lid closed before leaving.',
        'Sump light is reversed on purpose, on at night.',
    ];
}

<?php

declare(strict_types=1);

namespace App\Front\Views;

use App\House\Days;
use App\Team\Role;
use App\Team\User;
use Velbrin\Core\Measure\UnitDisplay;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Measure\WrittenUnits;

/** The frame round every page. */
final readonly class ShellView
{
    /**
     * @param  list<StationView>  $stations
     * @param  array<string, UnitDisplay>  $units  by kind: the factors a screen converts with
     * @param  array<string, array<string, array{factor: float, offset: float}>>  $written  units people write behind a number, by
     *     kind and by word
     */
    private function __construct(
        public ?int $userId,
        public ?string $userName,
        public ?string $initials,
        public ?string $role,
        public bool $plans,
        public array $stations,
        public array $units,
        public array $written,
        public string $decimalMark,
        public string $theme,
        public bool $demo,
        /** The company's clock. */
        public string $zone,
    ) {
    }

    public static function for(?User $user): self
    {
        $units = $user?->units() ?? Units::metric();

        return new self(
            userId: $user?->id,
            userName: $user?->name,
            initials: $user?->initials(),
            role: $user?->role->value,
            plans: $user?->plans() ?? false,
            stations: self::stations($user),
            units: $units->all(),
            written: $user?->isStaff() === true ? WrittenUnits::all() : [],
            decimalMark: $units->decimalMark,
            theme: $user->theme ?? 'paper',
            demo: (bool) config('velbrin.demo'),
            zone: Days::zone(),
        );
    }

    /**
     * Only stations that work, in the order of the work.
     *
     * @return list<StationView>
     */
    private static function stations(?User $user): array
    {
        if ($user === null) {
            return [];
        }
        if ($user->role === Role::Client) {
            return [
                new StationView('today', 'Today', '/'),
                new StationView('systems', 'Systems', '/systems'),
                new StationView('reports', 'Reports', '/reports'),
                new StationView('settings', 'Settings', '/settings'),
            ];
        }

        return [
            new StationView('today', 'Today', '/'),
            new StationView('survey', 'Survey & plan', '/places'),
            new StationView('systems', 'Systems', '/systems'),
            new StationView('control', 'Control', '/control'),
            new StationView('risk', 'Risk', '/risk'),
            new StationView('water', 'Water', '/water'),
            new StationView('rounds', 'Rounds', $user->plans() ? '/rounds' : '/rounds/due'),
            new StationView('moves', 'Moves', '/moves'),
            new StationView('stores', 'Stores', '/stores'),
            new StationView('settings', 'Settings', '/settings'),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Team\Views;

use App\Team\Role;
use App\Team\User;

final readonly class PreferencesView
{
    private function __construct(
        public string $name,
        public string $email,
        public string $role,
        public string $unitSystem,
        public string $alkalinityUnit,
        public string $salinityUnit,
        public string $decimalMark,
        public string $theme,
        public bool $isOwner,
        public bool $catchesMail,
    ) {
    }

    public static function of(User $user): self
    {
        return new self(
            name: $user->name,
            email: $user->email,
            role: $user->role->label(),
            unitSystem: $user->unit_system,
            alkalinityUnit: $user->alkalinity_unit,
            salinityUnit: $user->salinity_unit,
            decimalMark: $user->decimal_mark,
            theme: $user->theme,
            isOwner: $user->role === Role::Owner,
            catchesMail: config('mail.default') === 'catcher',
        );
    }
}

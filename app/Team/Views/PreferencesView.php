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
            $user->name,
            $user->email,
            $user->role->label(),
            $user->unit_system,
            $user->alkalinity_unit,
            $user->salinity_unit,
            $user->decimal_mark,
            $user->theme,
            $user->role === Role::Owner,
            config('mail.default') === 'catcher',
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Team\User;

final readonly class PersonView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $email,
        public string $role,
        public ?string $client,
        public bool $archived,
        public bool $ours,
        public ?string $phone,
        public ?float $homeLat,
        public ?float $homeLon,
        public string $skills,
    ) {
    }

    public static function of(User $user, ?string $client): self
    {
        return new self(
            $user->id,
            $user->name,
            $user->email,
            $user->role->label(),
            $client,
            $user->isArchived(),
            $user->isStaff(),
            $user->phone,
            $user->home_lat,
            $user->home_lon,
            implode(', ', array_filter($user->skills ?? [], is_string(...))),
        );
    }
}

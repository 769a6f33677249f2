<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Team\SecondFactor;
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
        public bool $hasFactor,
        public bool $maySilence,
    ) {
    }

    public static function of(User $user, ?string $client): self
    {
        return new self(
            id: $user->id,
            name: $user->name,
            email: $user->email,
            role: $user->role->label(),
            client: $client,
            archived: $user->isArchived(),
            ours: $user->isStaff(),
            phone: $user->phone,
            homeLat: $user->home_lat,
            homeLon: $user->home_lon,
            skills: implode(', ', array_filter($user->skills ?? [], is_string(...))),
            hasFactor: SecondFactor::isOn($user),
            maySilence: $user->may_silence,
        );
    }
}

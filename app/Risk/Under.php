<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Http\Asked;
use App\Team\Role;
use App\Team\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/** What hours in hand are asked under: the moment, and what is put differently from calendar and roster. */
final readonly class Under
{
    public const NOBODY = 'nobody';

    private function __construct(
        public Night $night,
        /** Null: as the household’s calendar says. */
        public ?bool $isAway,
        /** True: as on a public holiday. False: as the company’s list says. */
        public bool $isHoliday,
        /** In place of the roster; null: the roster, unless nobody is to come. */
        public ?User $onCall,
        public bool $isNobodyOnCall,
    ) {
    }

    public static function calendar(Night $night, ?bool $isAway = null): self
    {
        return new self($night, $isAway, false, null, false);
    }

    public static function asked(Request $request): self
    {
        $onCall = Asked::word($request, 'oncall');

        return new self(
            night: Night::tryFrom(Asked::word($request, 'night')) ?? Night::Tonight,
            isAway: $request->boolean('away') ? true : null,
            isHoliday: $request->boolean('holiday'),
            onCall: ctype_digit($onCall) ? self::mayCall()->whereKey((int) $onCall)->first() : null,
            isNobodyOnCall: $onCall === self::NOBODY,
        );
    }

    /** @return array<int, string> names of who could be put on call, by id */
    public static function people(): array
    {
        return self::mayCall()->orderBy('name')->pluck('name', 'id')->all();
    }

    /** What stands in the switch: somebody, nobody, or nothing (the roster). */
    public function onCallKey(): string
    {
        return $this->isNobodyOnCall ? self::NOBODY : (string) ($this->onCall->id ?? '');
    }

    /** @return Builder<User> */
    private static function mayCall(): Builder
    {
        return User::query()->current()->whereIn('role', Role::ours());
    }
}

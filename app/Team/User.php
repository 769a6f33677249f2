<?php

declare(strict_types=1);

namespace App\Team;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\BootsByName;
use App\House\Database\CastsOnce;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Laravel\Sanctum\HasApiTokens;
use Laravel\Sanctum\PersonalAccessToken;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\UnitDisplay;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Seawater\SalinityScale;

/** Somebody who signs in: one of us, or one of a client's people. */
#[UsePolicy(UserPolicy::class)]
final class User extends Authenticatable
{
    /** @use HasApiTokens<PersonalAccessToken> */
    use Archives, Audited, BootsByName, CastsOnce, HasApiTokens, Notifiable;

    /** @var array<string, Units> */
    private array $units = [];

    protected $fillable = [
        'name',
        'email',
        'password',
        'role',
        'client_id',
        'unit_system',
        'alkalinity_unit',
        'salinity_unit',
        'decimal_mark',
        'theme',
        'phone',
        'may_silence',
        'home_lat',
        'home_lon',
        'skills',
    ];

    protected $hidden = ['password', 'remember_token', 'factor_secret', 'factor_step', 'recovery_codes'];

    /** @var array<string, mixed> */
    protected $attributes = ['may_silence' => true];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'role' => Role::class,
            'archived_at' => 'datetime',
            'factor_since' => 'datetime',
            'factor_step' => 'integer',
            'client_id' => 'integer',
            'may_silence' => 'boolean',
            'skills' => 'array',
        ];
    }

    public function isStaff(): bool
    {
        return $this->role !== Role::Client;
    }

    /** Owners and planners: those who may change places, plans and systems. */
    public function plans(): bool
    {
        return $this->role === Role::Owner || $this->role === Role::Planner;
    }

    /** Prices, quotes and what a client would spend are the office's. */
    public function seesMoney(): bool
    {
        return $this->plans();
    }

    public function initials(): string
    {
        $initials = '';
        foreach (explode(' ', $this->name) as $word) {
            $initials .= mb_substr($word, 0, 1);
        }

        return mb_strtoupper(mb_substr($initials, 0, 2));
    }

    /** As this person reads numbers; worked out once, since a page asks for it with every row. */
    public function units(): Units
    {
        $key = implode('|', [$this->unit_system, $this->alkalinity_unit, $this->salinity_unit, $this->decimal_mark]);

        return $this->units[$key] ??= $this->unitsAsSet();
    }

    private function unitsAsSet(): Units
    {
        $units = $this->unit_system === 'us' ? Units::us($this->decimal_mark) : Units::metric($this->decimal_mark);
        $units = match ($this->alkalinity_unit) {
            'meq/L' => $units->with(
                Kind::Alkalinity,
                new UnitDisplay('meq/L', 1 / ReadingUnit::DKH_PER_MEQ, digits: 2),
            ),
            'ppm CaCO₃' => $units->with(
                Kind::Alkalinity,
                new UnitDisplay('ppm CaCO₃', ReadingUnit::CACO3_PER_MEQ / ReadingUnit::DKH_PER_MEQ),
            ),
            default => $units,
        };

        return match ($this->salinity_unit) {
            'SG' => $units->with(Kind::Salinity, SalinityScale::specificGravity()),
            'mS/cm' => $units->with(Kind::Salinity, SalinityScale::conductivity()),
            default => $units,
        };
    }
}

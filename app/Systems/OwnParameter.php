<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Velbrin\Core\Chemistry\CustomParameter;

/** A parameter the company added to those of the trade. */
#[UsePolicy(OwnParameterPolicy::class)]
final class OwnParameter extends Row
{
    use Archives, Audited;

    protected $fillable = ['name', 'unit', 'least', 'most', 'resolution'];

    protected static function booted(): void
    {
        self::saved(fn () => app()->forgetInstance(Parameters::class));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime', 'least' => 'float', 'most' => 'float', 'resolution' => 'float'];
    }

    public function measured(): CustomParameter
    {
        return CustomParameter::of(
            "own-{$this->id}",
            $this->name,
            $this->unit,
            $this->least,
            $this->most,
            $this->resolution,
        );
    }
}

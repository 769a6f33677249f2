<?php

declare(strict_types=1);

namespace App\Water;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Velbrin\Core\Water\Mix;

/** A salt mix: grams a litre, from when and until when its water is usable (W-53). */
#[UsePolicy(WaterPolicy::class)]
final class SaltMix extends Row
{
    use Archives, Audited;

    protected $fillable = ['name', 'grams_per_l', 'usable_from_h', 'usable_until_h', 'alk_dkh', 'ca_mg_l', 'mg_mg_l'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }

    public static function key(int $id): string
    {
        return "mix-{$id}";
    }

    public static function id(string $key): int
    {
        return (int) substr($key, 4);
    }

    public function core(): Mix
    {
        return new Mix(
            self::key($this->id),
            $this->name,
            $this->grams_per_l,
            $this->usable_from_h,
            $this->usable_until_h,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Build;

use App\House\CannotThaw;
use App\House\Database\Row;
use App\House\Frozen;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use JsonException;
use LogicException;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\WholeAnswer;
use Velbrin\Core\Version;

/**
 * The whole answer of a version as it stood when it was accepted, with the prices of that day.
 *
 * @property array<string, int> $prices of one, by key
 */
#[UsePolicy(PlanVersionPolicy::class)]
final class KeptAnswer extends Row
{
    public const ACCEPTED = 'accepted';

    /** By a later core: nothing whole was kept when it was accepted. */
    public const RECOMPUTED = 'recomputed';

    protected $fillable = ['plan_version_id', 'how', 'core_version', 'answer', 'prices', 'tax_basis_points'];

    protected static function booted(): void
    {
        self::updating(fn () => throw new LogicException('what was accepted never changes'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['prices' => 'array', 'tax_basis_points' => 'integer'];
    }

    /** @return BelongsTo<PlanVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(PlanVersion::class, 'plan_version_id');
    }

    public static function keep(PlanVersion $version, WholeAnswer $whole, string $how): self
    {
        return self::query()->create([
            'plan_version_id' => $version->id,
            'how' => $how,
            'core_version' => Version::NUMBER,
            'answer' => Frozen::write($whole),
            'prices' => Price::list(),
            'tax_basis_points' => config()->integer('velbrin.tax_basis_points'),
        ]);
    }

    /** Accepted before anything whole was kept: computed once by this core, and marked so. How many. */
    public static function catchUp(): int
    {
        $n = 0;
        PlanVersion::query()
            ->whereNotNull('accepted_at')
            ->whereNotIn('id', self::query()->select('plan_version_id'))
            ->lazyById(50)
            ->each(function (PlanVersion $version) use (&$n): void {
                self::keep($version, WholeAnswer::of(PlanBrief::read($version->brief)), self::RECOMPUTED);
                $n++;
            });

        return $n;
    }

    /** Null: today’s classes can no longer read it. */
    public function thaw(): ?WholeAnswer
    {
        try {
            $whole = Frozen::read($this->answer);
        } catch (CannotThaw|JsonException) {
            return null;
        }

        return $whole instanceof WholeAnswer ? $whole : null;
    }
}

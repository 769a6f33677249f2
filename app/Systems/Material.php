<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Rounds\Stagger;

/**
 * Rock, sand, media, glue and sealant as they went in: kind, grain, colour, origin, mass, day and lot (K-47). When a lot turns out
 * bad, this says who has it. A charge of media sits somewhere, lasts so long and is due on a day of its own (S-48).
 *
 * @property string $kind
 * @property string $name
 * @property string|null $grain
 * @property string|null $colour
 * @property string|null $origin
 * @property string|null $lot
 * @property string|null $note
 * @property float|null $mass_kg
 * @property CarbonImmutable $in_on
 * @property string|null $place where a charge sits
 * @property float|null $life_days
 * @property CarbonImmutable|null $due_on
 * @property CarbonImmutable|null $out_on
 * @property int|null $task_id the recurring job it is exchanged with
 */
#[UsePolicy(MaterialPolicy::class)]
final class Material extends Row
{
    use Archives, Audited;

    public const KINDS = [
        'rock' => 'rock',
        'sand' => 'sand',
        'media' => 'filter media',
        'glue' => 'glue',
        'sealant' => 'sealant',
    ];

    protected $fillable = [
        'system_id',
        'kind',
        'name',
        'grain',
        'colour',
        'origin',
        'mass_kg',
        'in_on',
        'lot',
        'note',
        'user_id',
        'place',
        'life_days',
        'due_on',
        'out_on',
        'task_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'in_on' => 'immutable_date',
            'mass_kg' => 'float',
            'life_days' => 'float',
            'due_on' => 'immutable_date',
            'out_on' => 'immutable_date',
            'archived_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return Builder<self> charges that are in and have a day to be exchanged */
    public static function charges(int $systemId): Builder
    {
        return self::query()
            ->current()
            ->where('system_id', $systemId)
            ->where('kind', 'media')
            ->whereNull('out_on')
            ->whereNotNull('due_on');
    }

    /** @return list<float> days the others that do the same work are due */
    public static function otherDueDays(int $systemId, ?int $taskId, ?int $but = null): array
    {
        $others = self::charges($systemId)
            ->where('task_id', $taskId)
            ->when($but !== null, fn (Builder $q): Builder => $q->whereKeyNot($but))
            ->get();

        return array_values($others->map(fn (self $m): float => self::day($m->due_on ?? $m->in_on))->all());
    }

    /** The day it is due: at the end of its life, or earlier where another one that does the same work is due then. */
    public function settleDue(CarbonImmutable $in): void
    {
        if ($this->life_days === null) {
            $this->due_on = null;

            return;
        }
        $others = self::otherDueDays($this->system_id, $this->task_id, $this->exists ? $this->id : null);
        $this->due_on = CarbonImmutable::parse('1970-01-01')->addDays(
            (int) Stagger::due(self::day($in), $this->life_days, $others),
        );
    }

    /** It comes out, and the same again goes in: where it sits, how much, how long it lasts. Its lot is read anew. */
    public function exchange(CarbonImmutable $on, int $userId): self
    {
        $this->update(['out_on' => $on->toDateString()]);
        $next = $this->replicate(['out_on', 'due_on', 'lot', 'note', 'archived_at']);
        $next->fill(['in_on' => $on->toDateString(), 'user_id' => $userId]);
        $next->settleDue($on);
        $next->save();

        return $next;
    }

    /** "carbon, left reactor, 500 g, in since 3 Nov" */
    public function words(string $mass): string
    {
        return implode(
            ', ',
            array_filter([$this->name, $this->place, $mass, "in since {$this->in_on->format('j M')}"]),
        );
    }

    /** Counted from 1970. */
    public static function day(CarbonImmutable $date): float
    {
        return (float) Days::number($date);
    }
}

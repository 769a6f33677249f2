<?php

declare(strict_types=1);

namespace App\Systems;

use App\Clients\Attachment;
use App\House\Audited;
use App\House\Database\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use Velbrin\Core\Control\DoserLine;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Replacement;
use Velbrin\Core\Control\StandIn;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Water\RoLine;

/** A device: its job, its age, its plug, when it is due to be replaced. */
#[UsePolicy(ItemPolicy::class)]
final class Item extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'vessel_id',
        'job',
        'senses_own_vessel',
        'name',
        'watts',
        'doses',
        'strength_meq_ml',
        'holds_ml',
        'ml_per_min',
        'vessel_above_mm',
        'line_break',
        'line_bore_mm',
        'line_length_m',
        'ro_span_l',
        'ro_lh',
        'ro_limit_min',
        'ro_takes_l',
        'ro_float',
        'ro_feed_stop',
        'away_instead',
        'away_hand_days',
        'away_hand_on',
        'changed_how',
        'changed_on',
        'capacity_wh',
        'usable_share_pct',
        'carries_w',
        'efficiency_pct',
        'idle_w',
        'installed_on',
        'installed_precision',
        'life_months',
        'service_every_days',
        'last_service_on',
        'serial',
        'plug_label',
        'outlet',
        'circuit',
        'outlet_id',
        'circuit_id',
        'switched_by',
        'price_minor',
        'warranty_until',
        'spare_where',
        'note',
        'replace_on',
        'retired_at',
        'retired_reason',
        'has_failed',
        'away_since',
        'away_where',
        'bases',
        'state',
        'tested_result',
        'temporary_until',
        'temporary_why',
        'own_thermostat',
        'thermostat_c',
        'thermostat_tried_on',
    ];

    /** What its system may trust follows from every change of the register. */
    protected static function booted(): void
    {
        self::saved(fn (self $item) => $item->system()->first()?->writeUnprotected());
        self::saved(fn (self $item) => ItemKept::dispatch($item));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'job' => Job::class,
            'state' => Installed::class,
            'doses' => Liquid::class,
            'installed_on' => 'immutable_date',
            'last_service_on' => 'immutable_date',
            'warranty_until' => 'immutable_date',
            'replace_on' => 'immutable_date',
            'retired_at' => 'immutable_datetime',
            'has_failed' => 'boolean',
            'line_break' => 'boolean',
            'ro_float' => 'boolean',
            'ro_feed_stop' => 'boolean',
            'changed_on' => 'immutable_date',
            'away_instead' => StandIn::class,
            'away_hand_days' => 'integer',
            'away_hand_on' => 'immutable_date',
            'away_since' => 'immutable_date',
            'temporary_until' => 'immutable_date',
            'bases' => 'array',
            'price_minor' => 'integer',
            'service_every_days' => 'integer',
            'senses_own_vessel' => 'boolean',
            'own_thermostat' => 'boolean',
            'thermostat_tried_on' => 'immutable_date',
        ];
    }

    /** From its dosing vessel to the water. */
    public function line(): DoserLine
    {
        return new DoserLine(
            aboveMm: $this->vessel_above_mm,
            hasBreak: $this->line_break,
            boreMm: $this->line_bore_mm,
            lengthM: $this->line_length_m,
        );
    }

    /** Where it stops by itself, °C; null: it does not, or nobody has seen it do so. */
    public function stopsItselfC(): ?float
    {
        return $this->own_thermostat === false || $this->thermostat_tried_on === null ? null : $this->thermostat_c;
    }

    /** The day its counted life ends; null where neither it nor its job has one. */
    public static function dueOn(CarbonImmutable $installed, ?float $lifeMonths, Job $job): ?CarbonImmutable
    {
        $months = $lifeMonths ?? $job->lifeMonths();

        return $months === null
            ? null
            : Judge::moment(Replacement::of(Judge::day($installed), $months, Judge::day(now()))->dueDay);
    }

    /** @return MorphMany<Attachment, $this> the newest photo first */
    public function attachments(): MorphMany
    {
        return $this->morphMany(Attachment::class, 'subject')->current()->latest('id');
    }

    /** @return BelongsTo<Vessel, $this> it stands in */
    public function vessel(): BelongsTo
    {
        return $this->belongsTo(Vessel::class);
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** Its line from the mains; null: it is none, or nobody has said how much it fills, how fast. */
    public function roLine(): ?RoLine
    {
        if ($this->job !== Job::RoUnit || $this->ro_span_l === null || $this->ro_lh === null) {
            return null;
        }
        try {
            return new RoLine(
                spanL: $this->ro_span_l,
                litresH: $this->ro_lh,
                setMin: $this->ro_limit_min,
                takesL: $this->ro_takes_l,
                hasFloat: $this->ro_float,
                hasFeedStop: $this->ro_feed_stop,
            );
        } catch (OutOfRange) {
            return null;
        }
    }
}

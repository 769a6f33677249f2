<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\House\Stamp;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\MorphMany;

/** A place: how to get in, who lives there, its rooms and the way through it. */
#[UsePolicy(SitePolicy::class)]
final class Site extends Row
{
    use Archives, Audited;

    protected $fillable = [
        'client_id',
        'name',
        'street',
        'town',
        'timezone',
        'access_hours',
        'access_note',
        'parking',
        'floor_protection',
        'noise',
        'pets',
        'residents',
        'children',
        'absences',
        'bases',
        'lat',
        'lon',
        'altitude_m',
        'we_hold_key',
        'looked_at',
        'minutes_sold',
        'makes_water',
        'away',
        'enquiry',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'access_hours' => 'array',
            'bases' => 'array',
            'looked_at' => 'array',
            'away' => 'array',
            'enquiry' => 'array',
            'we_hold_key' => 'boolean',
            'makes_water' => 'boolean',
            'archived_at' => 'datetime',
        ];
    }

    /** What the page of the household and the access writes. */
    private const ABOUT = [
        'name',
        'street',
        'town',
        'timezone',
        'access_hours',
        'access_note',
        'parking',
        'floor_protection',
        'noise',
        'pets',
        'residents',
        'children',
        'absences',
        'lat',
        'lon',
        'altitude_m',
        'we_hold_key',
        'looked_at',
        'minutes_sold',
        'makes_water',
        'away',
    ];

    public function aboutStamp(): string
    {
        return Stamp::of($this, self::ABOUT);
    }

    public function enquiryStamp(): string
    {
        return Stamp::of($this, ['enquiry']);
    }

    /** The passages are loaded. */
    public function passagesStamp(): string
    {
        return Stamp::ofValues(
            $this->passages
                ->map(
                    fn (Passage $p): array => array_diff_key($p->getAttributes(), [
                        'id' => 1,
                        'created_at' => 1,
                        'updated_at' => 1,
                    ]),
                )
                ->all(),
        );
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<Room, $this> */
    public function rooms(): HasMany
    {
        return $this->hasMany(Room::class);
    }

    /** @return HasMany<Passage, $this> */
    public function passages(): HasMany
    {
        return $this->hasMany(Passage::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<SiteCode, $this> */
    public function codes(): HasMany
    {
        return $this->hasMany(SiteCode::class);
    }

    /** @return HasMany<Contact, $this> */
    public function contacts(): HasMany
    {
        return $this->hasMany(Contact::class);
    }

    /** @return MorphMany<Attachment, $this> */
    public function attachments(): MorphMany
    {
        return $this->morphMany(Attachment::class, 'subject');
    }

    /**
     * The absence that covers a day, if one does.
     *
     * @return array{from: string, until: string, sitter: string|null}|null
     */
    public function awayOn(string $date): ?array
    {
        foreach ($this->away ?? [] as $row) {
            if (
                is_array($row) &&
                is_string($row['from'] ?? null) &&
                is_string($row['until'] ?? null) &&
                $row['from'] <= $date &&
                $row['until'] >= $date
            ) {
                return [
                    'from' => $row['from'],
                    'until' => $row['until'],
                    'sitter' => is_string($row['sitter'] ?? null) && $row['sitter'] !== '' ? $row['sitter'] : null,
                ];
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;

/** One entry as it arrived, checked for shape; its payload read by kind. */
final readonly class Sent
{
    /** @param  array<array-key, mixed>  $payload */
    public function __construct(
        public Visit $visit,
        public User $user,
        public string $uuid,
        public string $kind,
        public CarbonImmutable $at,
        public array $payload,
        public bool $late = false,
    ) {
    }

    /** The same, come after its visit was closed. */
    public function asLate(): self
    {
        return new self($this->visit, $this->user, $this->uuid, $this->kind, $this->at, $this->payload, true);
    }

    public function text(string $key, int $most = 500): ?string
    {
        $value = $this->payload[$key] ?? null;

        return is_string($value) && trim($value) !== '' ? mb_substr(trim($value), 0, $most) : null;
    }

    public function number(string $key, float $least, float $most): ?float
    {
        $value = $this->payload[$key] ?? null;

        return (is_int($value) || is_float($value)) && is_finite((float) $value) && $value >= $least && $value <= $most
            ? (float) $value
            : null;
    }

    /** A day of the company’s calendar, as the phone writes it; null: none, or no day. */
    public function day(string $key): ?CarbonImmutable
    {
        $text = $this->text($key, 10);

        return $text !== null &&
            preg_match('/^\d{4}-\d\d-\d\d$/', $text) === 1 &&
            checkdate((int) substr($text, 5, 2), (int) substr($text, 8, 2), (int) substr($text, 0, 4))
            ? CarbonImmutable::parse($text, Days::zone())
            : null;
    }

    public function yes(string $key): bool
    {
        return ($this->payload[$key] ?? null) === true;
    }

    /** @return list<string> */
    public function list(string $key): array
    {
        $value = $this->payload[$key] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /** A system of this visit's place; never another's. */
    public function system(): ?System
    {
        $id = $this->payload['systemId'] ?? null;

        return is_int($id)
            ? System::query()->current()->where('site_id', $this->visit->site_id)->whereKey($id)->first()
            : null;
    }

    public function task(): ?VisitTask
    {
        $id = $this->payload['taskId'] ?? null;
        $query = VisitTask::query()
            ->where('visit_id', $this->visit->id)
            ->lockForUpdate()
            ->with(['type', 'system', 'task.type', 'followUp']);

        return match (true) {
            is_int($id) => $query->whereKey($id)->first(),
            // A job the phone added carries the phone's own number.
            is_string($id) => $query->where('client_uuid', strtolower($id))->first(),
            default => null,
        };
    }
}

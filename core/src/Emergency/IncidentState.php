<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/** How far an incident is. Danger to people takes it back to them from anywhere. */
enum IncidentState: string
{
    case Reported = 'reported';
    case Confirmed = 'confirmed';
    case PeopleSafe = 'people-safe';
    case SourceStopped = 'source-stopped';
    case Holding = 'holding';
    case Restoring = 'restoring';
    case Watching = 'watching';
    case Closed = 'closed';
    case False = 'false';
    case Merged = 'merged';

    public function label(): string
    {
        return match ($this) {
            self::Reported => 'reported',
            self::Confirmed => 'confirmed: somebody has looked',
            self::PeopleSafe => 'people are safe',
            self::SourceStopped => 'its source is stopped',
            self::Holding => 'holding',
            self::Restoring => 'being restored',
            self::Watching => 'being watched',
            self::Closed => 'closed',
            self::False => 'a false alarm',
            self::Merged => 'told with another',
        };
    }

    public function isOpen(): bool
    {
        return ! in_array($this, [self::Closed, self::False, self::Merged], true);
    }

    /** @return list<self> where it can go from here */
    public function next(): array
    {
        return match ($this) {
            self::Reported => [self::Confirmed, self::False, self::Merged],
            self::Confirmed => [self::PeopleSafe, self::False, self::Merged],
            self::PeopleSafe => [self::SourceStopped],
            self::SourceStopped => [self::Holding, self::Restoring],
            self::Holding => [self::Restoring, self::PeopleSafe],
            self::Restoring => [self::Watching, self::Holding, self::PeopleSafe],
            self::Watching => [self::Closed, self::Holding, self::PeopleSafe],
            self::Closed, self::False, self::Merged => [],
        };
    }

    public function leadsTo(self $next): bool
    {
        return in_array($next, $this->next(), true);
    }

    /** Somebody is in danger again. */
    public function onDanger(): self
    {
        return match ($this) {
            self::Reported, self::Confirmed, self::Closed, self::False, self::Merged => $this,
            default => self::Confirmed,
        };
    }
}

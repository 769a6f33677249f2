<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Deletion is archiving: the row stays, with its history, and leaves the lists.
 *
 * @phpstan-require-extends Model
 */
trait Archives
{
    public function archive(): void
    {
        $this->forceFill(['archived_at' => now()])->save();
        Trail::write('archived', 'archived', $this);
    }

    public function isArchived(): bool
    {
        return $this->getAttribute('archived_at') !== null;
    }

    /**
     * @param  Builder<static>  $query
     */
    public function scopeCurrent(Builder $query): void
    {
        $query->whereNull($this->getTable().'.archived_at');
    }
}

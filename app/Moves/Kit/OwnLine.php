<?php

declare(strict_types=1);

namespace App\Moves\Kit;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Velbrin\Core\Moves\Brief\PackingLine;

/**
 * What the company takes along to every move beyond the usual list, or leaves off it (M-9).
 *
 * @property string|null $what
 * @property int|null $count
 * @property string|null $owner
 * @property string|null $drops a line of the usual list that is left off
 */
#[UsePolicy(OwnLinePolicy::class)]
final class OwnLine extends Row
{
    use Archives, Audited;

    protected $table = 'packing_lines';

    protected $fillable = ['what', 'count', 'owner', 'drops', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['count' => 'integer', 'archived_at' => 'datetime'];
    }

    /** Null: it only leaves a line off. */
    public function toLine(): ?PackingLine
    {
        return $this->what === null ? null : new PackingLine("own-{$this->id}", $this->what, $this->count, owner: $this->owner);
    }
}

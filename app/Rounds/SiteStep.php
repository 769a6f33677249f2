<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\Site;
use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Rounds\SiteDoes;

/** What one place does differently at a step of a job, with its reason and photo (P-22). */
#[UsePolicy(SiteStepPolicy::class)]
final class SiteStep extends Row
{
    use Archives, Audited;

    protected $fillable = ['site_id', 'task_type_id', 'step', 'does', 'text', 'why', 'attachment_id', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['does' => SiteDoes::class, 'step' => 'integer', 'archived_at' => 'datetime'];
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<TaskType, $this> */
    public function type(): BelongsTo
    {
        return $this->belongsTo(TaskType::class, 'task_type_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Clients;

use App\Clients\Views\NamedView;
use App\Team\User;

/** What a higher room keeps at a place: the site page lists it without knowing the room. */
interface SiteContents
{
    public const TAG = 'site-contents';

    /** systems, plans, … */
    public function name(): string;

    /** @return list<NamedView> */
    public function lines(Site $site, User $user): array;

    /**
     * @param  list<int>  $siteIds
     * @return array<int, int> how many by site
     */
    public function counts(array $siteIds): array;

    /** Why a place with these must not be archived; null when nothing speaks against it. */
    public function holds(Site $site): ?string;
}

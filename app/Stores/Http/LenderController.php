<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Stores\Loan;
use App\Stores\Views\OfferView;
use App\Stores\WhoLends;
use App\Systems\Item;
use App\Systems\Views\SystemHeaderView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Risk\Lending\Part as Stands;

/** A device is gone: from where another could come, what fits, who would be exposed (R-40, X-13). */
final class LenderController
{
    public function __invoke(Item $item, #[CurrentUser] User $user, WhoLends $who): Response
    {
        $system = $item->system()->with(['site.client', 'keeper', ...SystemHeaderView::loads()])->firstOrFail();
        Gate::authorize('viewWorking', $system);
        $needed = $who->neededW($item);

        return Inertia::render('stores/Lenders', [
            'header' => SystemHeaderView::of($system, $user),
            'device' => ['id' => $item->id, 'name' => $item->name, 'job' => $item->job->label()],
            'neededW' => $needed,
            'offers' => Inertia::defer(fn (): array => array_map(self::offer(...), $who->of($item, $needed))),
            'mayLend' => $user->can('move', Loan::class),
        ]);
    }

    /** @return array<string, mixed> */
    private static function offer(OfferView $view): array
    {
        return [
            'id' => $view->offer->id,
            'name' => $view->name,
            'where' => $view->where,
            'isShelf' => $view->offer->isShelf,
            'minutes' => $view->offer->minutes,
            'against' => array_map(Stands::words(...), $view->offer->against),
            'exposes' => $view->offer->exposes,
            'itemId' => $view->itemId,
            'systemId' => $view->systemId,
        ];
    }
}

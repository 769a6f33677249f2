<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Controller;
use App\Control\Orders\AskOrder;
use App\Control\Orders\EndOrder;
use App\Control\Orders\OrderState;
use App\Control\Orders\OutletOrder;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** Something else for a while, asked of an outlet over the link. */
final class OutletOrderController
{
    public function store(OutletOrderRequest $request, Controller $controller, AskOrder $ask, #[CurrentUser] User $user): RedirectResponse
    {
        $order = $ask($controller, $request->given(), $user);

        return back()->with('said', "Asked. {$order->outlet()->value('name')} does it once its controller has fetched it.");
    }

    public function end(OutletOrder $outletOrder, EndOrder $end, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $outletOrder);
        $state = $end($outletOrder, $user);

        return back()->with('said', $state === OrderState::Ending ? 'It ends as soon as its controller has fetched that.' : 'Taken back.');
    }
}

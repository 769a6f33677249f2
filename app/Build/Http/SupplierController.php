<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Order;
use App\Build\Supplier;
use App\Build\Views\SupplierView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** The company's suppliers, with the days they really take (B-75). */
final class SupplierController
{
    public function index(): Response
    {
        Gate::authorize('viewAny', Supplier::class);
        $suppliers = Supplier::query()->current()->orderBy('name')->get();
        $orders = Order::query()->whereIn('supplier_id', $suppliers->modelKeys())->get()->groupBy('supplier_id');

        return Inertia::render('build/Suppliers', [
            'suppliers' => $suppliers->map(
                fn (Supplier $s): SupplierView => SupplierView::of($s, collect($orders->get($s->id)?->all() ?? [])),
            ),
            'mayEdit' => Gate::allows('create', Supplier::class),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('create', Supplier::class);
        $supplier = Supplier::query()->create($this->given($request, null));

        return back()->with('said', "{$supplier->name} is in the list.");
    }

    /** Orders follow a new name. */
    public function update(Request $request, Supplier $supplier): RedirectResponse
    {
        Gate::authorize('update', $supplier);
        DB::transaction(function () use ($request, $supplier): void {
            $supplier->update($this->given($request, $supplier));
            Order::query()
                ->where('supplier_id', $supplier->id)
                ->update(['supplier' => $supplier->name]);
        });

        return back()->with('said', "{$supplier->name}: kept.");
    }

    public function archive(Supplier $supplier): RedirectResponse
    {
        Gate::authorize('update', $supplier);
        $supplier->archive();

        return back()->with('said', "{$supplier->name} is offered no more. Orders keep the name.");
    }

    /** @return array<string, mixed> */
    private function given(Request $request, ?Supplier $supplier): array
    {
        return $request->validate([
            'name' => ['required', 'string', 'max:120', Rule::unique('suppliers', 'name')->ignore($supplier)],
            ...array_map(fn (int $most): array => ['nullable', 'string', "max:{$most}"], Supplier::WORDS),
            'email' => ['nullable', 'email', 'max:190'],
        ]);
    }
}

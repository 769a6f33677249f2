<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Clients\Attachments;
use App\Systems\Product;
use App\Systems\System;
use App\Systems\Views\ProductView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Chemistry\Parameter;

/** What goes into the water beside the water, and what it does there (X-35). */
final class ProductController
{
    public function index(): Response
    {
        Gate::authorize('viewAny', Product::class);

        return Inertia::render('systems/Products', [
            'products' => Product::query()
                ->current()
                ->withSheet()
                ->orderBy('name')
                ->get()
                ->map(fn (Product $p): ProductView => ProductView::of($p)),
            'kinds' => Product::KINDS,
            'parameters' => collect(Parameter::cases())->mapWithKeys(
                fn (Parameter $p): array => [$p->value => $p->label()],
            ),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('create', Product::class);
        $product = Product::query()->create($this->given($request, null));

        return back()->with('said', "{$product->name} is in the list.");
    }

    public function update(Request $request, Product $product): RedirectResponse
    {
        Gate::authorize('update', $product);
        $product->update($this->given($request, $product));

        return back()->with('said', "{$product->name}: kept.");
    }

    /** The maker's sheet, read from the card (P-23). */
    public function sheet(Request $request, Product $product, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $product);
        Attachments::take($request, $product, $user);

        return back()->with('said', "The sheet stands with {$product->name}.");
    }

    /** @return array<string, mixed> */
    private function given(Request $request, ?Product $product): array
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120', Rule::unique('products', 'name')->ignore($product?->id)],
            'kind' => ['required', Rule::in(array_keys(Product::KINDS))],
            'raises' => ['array', 'max:8'],
            'raises.*' => [Rule::enum(Parameter::class)],
            'lowers' => ['array', 'max:8'],
            'lowers.*' => [Rule::enum(Parameter::class)],
            'note' => ['nullable', 'string', 'max:300'],
            'instructions' => ['nullable', 'string', 'max:1000'],
            'cautions' => ['nullable', 'string', 'max:500'],
            'contents' => ['nullable', 'string', 'max:160'],
            'packets' => ['nullable', 'integer', 'min:1', 'max:1000'],
            'effect' => ['nullable', 'string', 'max:300'],
            'open_days' => ['nullable', 'integer', 'min:1', 'max:3650'],
        ]);

        return [
            ...$given,
            'raises' => array_values($given['raises'] ?? []),
            'lowers' => array_values($given['lowers'] ?? []),
        ];
    }

    public function archive(Product $product): RedirectResponse
    {
        Gate::authorize('update', $product);
        $product->archive();

        return back()->with('said', "{$product->name} is archived; where it was used stays on record.");
    }

    /** In use on a system from today. */
    public function use(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'product_id' => ['required', 'integer', Rule::exists('products', 'id')->whereNull('archived_at')],
            'how_much' => ['required', 'string', 'max:80'],
        ]);
        $product = Product::query()->whereKey($given['product_id'])->firstOrFail();
        DB::transaction(function () use ($system, $product, $given, $user): void {
            $system->products()->syncWithoutDetaching([$product->id => ['how_much' => $given['how_much']]]);
            $system
                ->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => "In use: {$product->name}, {$given['how_much']}",
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', "{$product->name} counts here from now on.");
    }

    public function stop(System $system, Product $product, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        DB::transaction(function () use ($system, $product, $user): void {
            $system->products()->detach($product);
            $system
                ->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => "No longer in use: {$product->name}",
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', "{$product->name} is no longer used here.");
    }
}

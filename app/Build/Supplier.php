<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Who delivers, whom to call there, and what they make (B-75). Orders name them; what they really took is counted from those.
 *
 * @property string|null $contact
 * @property string|null $phone
 * @property string|null $email
 * @property string|null $makes
 * @property string|null $note
 */
#[UsePolicy(SupplierPolicy::class)]
final class Supplier extends Row
{
    use Archives, Audited;

    public const WORDS = ['contact' => 120, 'phone' => 60, 'email' => 190, 'makes' => 300, 'note' => 300];

    protected $fillable = ['name', 'contact', 'phone', 'email', 'makes', 'note'];

    /**
     * Days each of them really took, in the mean of what has come: supplier_id, took.
     *
     * @return Builder<Order>
     */
    public static function took(): Builder
    {
        return Order::query()
            ->whereNotNull('supplier_id')
            ->whereNotNull('received_on')
            ->groupBy('supplier_id')
            ->select(['supplier_id', DB::raw('ceil(avg(datediff(received_on, ordered_on))) as took')]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }
}

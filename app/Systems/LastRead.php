<?php

declare(strict_types=1);

namespace App\Systems;

use Illuminate\Support\Facades\DB;
use Velbrin\Core\Chemistry\Parameter;

/** What was read last of a parameter, and nobody has doubted. */
final class LastRead
{
    /** In the parameter’s own unit; null: nobody has read it. */
    public static function of(System $system, Parameter $parameter): ?float
    {
        $value = $system
            ->readings()
            ->where('parameter', $parameter->value)
            ->whereNull('marked_at')
            ->latest('taken_at')
            ->value('value');

        return is_numeric($value) ? (float) $value : null;
    }

    /**
     * The same of several systems at once.
     *
     * @param  list<int>  $systemIds
     * @param  list<Parameter>  $parameters
     * @return array<int, array<string, float>> by system, then by parameter; what nobody has read is not there
     */
    public static function among(array $systemIds, array $parameters): array
    {
        $ranked = DB::table('readings')
            ->whereIn('system_id', $systemIds)
            ->whereIn('parameter', array_column($parameters, 'value'))
            ->whereNull('marked_at')
            ->select(['system_id', 'parameter', 'value'])
            ->selectRaw('row_number() over (partition by system_id, parameter order by taken_at desc) as nth');
        $last = [];
        foreach (DB::query()->fromSub($ranked, 'ranked')->where('nth', 1)->get() as $row) {
            $last[(int) $row->system_id][(string) $row->parameter] = (float) $row->value;
        }

        return $last;
    }
}

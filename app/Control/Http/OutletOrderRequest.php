<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Controller;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Velbrin\Core\Control\Programme\Order;

/** What an outlet is to do for a while, how long, and why. */
final class OutletOrderRequest extends FormRequest
{
    public function authorize(): bool
    {
        $controller = $this->route('controller');

        return $controller instanceof Controller && $this->user()?->can('update', $controller) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $controller = $this->route('controller');
        $strips = $controller instanceof Controller ? $controller->strips()->pluck('id')->all() : [];

        return [
            'outlet_id' => [
                'required',
                'integer:strict',
                Rule::exists('outlets', 'id')->whereIn('strip_id', $strips)->whereNull('archived_at'),
            ],
            'level' => ['required', 'numeric:strict', 'between:0,1'],
            'for_min' => ['required', 'numeric:strict', sprintf('between:%d,%d', Order::LEAST_S / 60, Order::MOST_S / 60)],
            'because' => ['required', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'for_min.between' => 'Between one minute and four hours. What holds longer belongs in the set-up.',
            'because.required' => 'Say why: whoever sees it off must not “repair” it.',
        ];
    }

    /** @return array{outlet_id: int, level: float, for_min: float, because: string} */
    public function given(): array
    {
        return [
            'outlet_id' => $this->integer('outlet_id'),
            'level' => $this->float('level'),
            'for_min' => $this->float('for_min'),
            'because' => $this->string('because')->toString(),
        ];
    }
}

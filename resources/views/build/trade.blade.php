<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $trade->title() }}</title>
<style>
@page { margin: 17mm 18mm 18mm 18mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 8.8pt; line-height: 1.4; color: #1d2a31; }
h1 { font-size: 14pt; margin: 0; } h2 { font-size: 10.5pt; margin: 11pt 0 3pt; }
.sub { color: #56646a; margin: 1pt 0 7pt; }
table { width: 100%; border-collapse: collapse; } td { padding: 2pt 6pt 2pt 0; line-height: 1.25; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; } td.n { width: 30%; text-align: right; } td.was { width: 24%; padding-left: 8pt; color: #7c2618; } tr.changed td { background: #f7e9d6; font-weight: bold; } .open { color: #7c2618; }
.box { border: 0.8pt solid #1d2a31; padding: 5pt 7pt; margin-top: 9pt; page-break-inside: avoid; } .box p { margin: 2pt 0; }
</style>
</head>
<body>
<h1>{{ $trade->title() }}</h1>
<div class="sub">{{ $version->plan->name }}, version {{ $version->number }} · {{ $version->plan->site?->client?->name }}, {{ $version->plan->site?->name }} · issued {{ now()->format('j M Y') }}@if($before) · what changed since version {{ $before }} is marked @endif</div>
@if($drawing)<img src="{{ $drawing }}" alt="Section through the system, to scale" style="width: {{ $ratio > 0.5 ? round(58 / $ratio) : 116 }}mm; height: {{ $ratio > 0.5 ? 58 : round(116 * $ratio) }}mm;">@endif
<h2>Sizes, loads and what is asked</h2>
<table>
@foreach($lines as $line)
<tr class="{{ $line['changed'] ? 'changed' : '' }}"><td>{{ $line['changed'] ? '▸ ' : '' }}{{ $line['label'] }}</td><td class="n">@if($line['value'] === null)<span class="open">still to be settled</span>@else{{ $line['value'] }}@endif</td><td class="was">@if($line['changed'])was {{ $line['was'] ?? 'open' }}@endif</td></tr>
@endforeach
</table>
<div class="box"><b>Bear in mind</b>@foreach($trade->cautions() as $caution)<p>▲ {{ $caution }}</p>@endforeach</div>
</body>
</html>

<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $system->name }}: handover</title>
<style>
@page { margin: 17mm 18mm 18mm 18mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 8.8pt; line-height: 1.4; color: #1d2a31; }
h1 { font-size: 17pt; margin: 0; } h2 { font-size: 11pt; margin: 12pt 0 3pt; border-bottom: 0.8pt solid #1d2a31; padding-bottom: 2pt; page-break-after: avoid; }
.sub { color: #56646a; margin: 1pt 0 8pt; } .small { color: #56646a; font-size: 7.6pt; }
table { width: 100%; border-collapse: collapse; } td, th { padding: 2.5pt 6pt 2.5pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; text-align: left; } th { font-size: 7.6pt; color: #56646a; font-weight: normal; } td.n { text-align: right; white-space: nowrap; } td.k { width: 27%; font-weight: bold; }
tr { page-break-inside: avoid; } .box { border: 0.8pt solid #1d2a31; padding: 5pt 7pt; margin-top: 9pt; page-break-inside: avoid; }
</style>
</head>
<body>
<h1>{{ $system->name }}</h1>
<div class="sub">{{ $system->kind }} · {{ $system->site?->client?->name }}, {{ $system->site?->name }}@if($system->room), {{ $system->room->name }}@endif · handed over as of {{ now()->format('j M Y') }}@if($system->keeper) · kept by {{ $system->keeper->name }}@endif</div>
@if($drawing)<img src="{{ $drawing }}" alt="Section through the system, to scale" style="width: {{ $ratio > 0.5 ? round(80 / $ratio) : 160 }}mm; height: {{ $ratio > 0.5 ? 80 : round(160 * $ratio) }}mm;">@endif
<h2>What to do when</h2>
<table>@foreach($when as $line)<tr><td class="k">{{ $line['what'] }}</td><td>{{ $line['words'] }}</td></tr>@endforeach</table>
<h2>Whom it calls, and whom you call</h2>
@if($alarms)<table><tr><th>Alarm</th><th>Calls, in this order</th><th>Last made to call</th></tr>@foreach($alarms as $alarm)<tr><td>{{ $alarm['name'] }}</td><td>{{ implode(', then ', $alarm['calls']) ?: 'nobody yet' }}</td><td>{{ $alarm['tested'] ?? 'never' }}</td></tr>@endforeach</table>
@else<p>No alarm is set up yet.</p>@endif
@if($programme)<h2>What it is set to</h2>
<table>@foreach($programme as $line)<tr><td>{{ $line['label'] }}</td><td>{{ $line['value'] }}</td></tr>@endforeach</table>@endif
<h2>Its numbers</h2>
<table>@foreach($figures as $line)<tr><td>{{ $line['label'] }}</td><td class="n"><b>{{ $line['value'] }}</b></td></tr>@endforeach</table>
<h2>What is plugged in where</h2>
@if($items->isEmpty())<p>Nothing is in the register yet.</p>@else
<table><tr><th>Device</th><th>Watts</th><th>Plug</th><th>Outlet</th><th>Replaced by</th></tr>@foreach($items as $item)<tr><td>{{ $item->name === '' ? $item->job->label() : $item->name }} <span class="small">{{ $item->job->label() }}</span></td><td>{{ $item->watts === null ? '' : round($item->watts).' W' }}</td><td>{{ $item->plug_label }}</td><td>{{ implode(', ', array_filter([$item->outlet, $item->circuit])) }}</td><td>{{ $item->replace_on?->format('M Y') }}</td></tr>@endforeach</table>@endif
@if($board)<p style="page-break-inside: avoid;"><img src="{{ $board }}" alt="Equipment board, to scale" style="width: 120mm;"></p>@endif
<h2>What it should read</h2>
<table><tr><th></th><th>Fine</th><th>Call beyond</th></tr>@foreach($bands as $band)<tr><td>{{ $band['label'] }}</td><td>{{ $band['fine'] }}</td><td>{{ $band['act'] }}</td></tr>@endforeach</table>
@if($tasks)<h2>What recurs</h2>
<table>@foreach($tasks as $task)<tr><td>{{ $task['name'] }}</td><td>every {{ $task['every'] }}</td></tr>@endforeach</table>@endif
@if($first)<h2>The first ninety days</h2>
<table>@foreach($first as $line)<tr><td class="k">{{ $line['on'] }}</td><td>{{ $line['words'] }}</td></tr>@endforeach</table>@endif
@if($accepted)<h2>Risks that were accepted</h2>
@foreach($accepted as $words)<p>▸ {{ $words }}</p>@endforeach @endif
<div class="box"><b>Confirm locally.</b> Electrics: a licensed electrician. Floor and walls: a structural engineer and the local code. Animals that are ill: a vet who treats fish. Nothing here approves any of it.</div>
</body>
</html>

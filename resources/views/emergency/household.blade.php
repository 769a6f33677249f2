<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Living with it</title>
<style>
@page { margin: 14mm 15mm 14mm 15mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.4pt; line-height: 1.35; color: #1d2a31; }
h1 { font-size: 17pt; margin: 0; } h2 { font-size: 11pt; margin: 10pt 0 3pt; border-bottom: 0.8pt solid #1d2a31; } .sub, small { color: #3f4d54; }
li { margin-bottom: 3pt; } table { width: 100%; border-collapse: collapse; } td { padding: 3pt 6pt 3pt 0; border-bottom: 0.3pt solid #cfc4ab; vertical-align: top; } .what { width: 30%; font-weight: bold; } .big { font-size: 12pt; font-weight: bold; } .stop { border: 1.2pt solid #c8452d; padding: 4pt 6pt; margin: 6pt 0; font-weight: bold; }
</style>
</head>
<body>
<h1>Living with it: {{ $site->name }}</h1>
<div class="sub">{{ $site->client?->name }} · as of {{ $on }}</div>
<div class="stop">Water on the floor or a tingle in the hand: touch nothing, keep everybody dry and away, ring.</div>
<h2>Ring</h2>
<table>@forelse($chain as $person)<tr><td class="what">{{ $person['name'] }}</td><td class="big">{{ $person['phone'] ?? 'no number' }}</td><td>{{ $person['what'] }}</td></tr>@empty<tr><td>Nobody is on call: the office.</td></tr>@endforelse</table>
<h2>What holds here</h2>
<ul>@foreach($rules as $rule)<li>{{ $rule }}</li>@endforeach</ul>
@if($rooms !== [])
<h2>The room’s air</h2>
<table>@foreach($rooms as $room)<tr><td class="what">{{ $room['name'] }}</td><td>{{ $room['heating'] ?? 'Nobody has written down who may switch heating and cooling: leave them as they are.' }}</td></tr>@endforeach</table>
@endif
<h2>Once a day</h2>
<table>
@foreach($systems as $system)@if($system['reads'])<tr><td class="what">Thermometer: {{ $system['name'] }}</td><td class="big">{{ $system['reads'] }}</td></tr>@endif
@endforeach
@foreach($looks as $look)<tr><td class="what">Look</td><td>{{ $look }}</td></tr>@endforeach
</table>
</body>
</html>

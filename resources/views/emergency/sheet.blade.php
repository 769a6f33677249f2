<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>In an emergency</title>
<style>
@page { margin: 10mm 12mm 10mm 12mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 7.4pt; line-height: 1.25; color: #1d2a31; }
h1 { font-size: 15pt; margin: 0; } h2 { font-size: 9pt; margin: 6pt 0 2pt; border-bottom: 0.8pt solid #1d2a31; } .sub, small { color: #3f4d54; }
table { width: 100%; border-collapse: collapse; } td { padding: 2pt 5pt 2pt 0; border-bottom: 0.3pt solid #cfc4ab; vertical-align: top; } .what { width: 23%; font-weight: bold; } .big { font-size: 9.5pt; font-weight: bold; } .stop { border: 1.2pt solid #c8452d; padding: 3pt 5pt; margin: 4pt 0; font-weight: bold; }
</style>
</head>
<body>
<h1>In an emergency: {{ $site->name }}</h1>
<div class="sub">{{ $site->client?->name }} · {{ $site->street }}{{ $site->town ? ', '.$site->town : '' }} · as of {{ $on }}; print it again when anything changed</div>
<div class="stop">Stay dry. Never step into water near live sockets: mains off at the board first, from a dry place. A tingle: touch nothing. Generators and engines outdoors only.</div>
<h2>Ring, in this order</h2>
<table>@foreach($chain as $person)<tr><td class="what">{{ $person['name'] }}</td><td class="big">{{ $person['phone'] ?? 'no number' }}</td><td>{{ $person['what'] }}</td></tr>@endforeach</table>
<h2>Shut off</h2>
<table>
@foreach($shutOffs as $shut)<tr><td class="what">{{ $shut->kind->label() }}</td><td>{{ $shut->words }}</td><td>{{ $shut->who_may ?? '' }}</td></tr>@endforeach
@foreach($missing as $label)<tr><td class="what">{{ $label }}</td><td><small>still to survey</small></td><td></td></tr>@endforeach
</table>
@if($photos !== [])<table><tr>@foreach($photos as $photo)<td><img src="{{ $photo['picture'] }}" height="62" alt=""><br><small>{{ $photo['label'] }}</small></td>@endforeach</tr></table>@endif
@if($parts !== [])<div><b>Lies here:</b> {{ implode(', ', $parts) }}</div>@endif
@foreach($systems as $system)
<h2>{{ $system['name'] }}</h2>
<table>
@foreach($system['lines'] as $line)<tr><td class="what">{{ $line['label'] }}@if($line['hours'])<br><small>{{ $line['hours'] }}</small>@endif</td><td>{{ $line['actions'] }}</td></tr>@endforeach
</table>
<div><b>Stays on:</b> {{ $system['stays'] }}</div>
@if($system['go'])<div><b>If they have to go, boxes of {{ $boxL }}:</b> {{ $system['go'] }}</div>@endif
@endforeach
</body>
</html>

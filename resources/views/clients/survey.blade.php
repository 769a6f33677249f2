<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Survey, {{ $site->name }}</title>
<style>
@page { margin: 15mm 16mm 16mm 16mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 8.6pt; line-height: 1.3; color: #1d2a31; }
h1 { font-size: 15pt; margin: 0; } h2 { font-size: 10.5pt; margin: 10pt 0 2pt; border-bottom: 0.8pt solid #1d2a31; padding-bottom: 2pt; page-break-after: avoid; } h3 { font-size: 9pt; margin: 7pt 0 1pt; page-break-after: avoid; }
.sub, .for { color: #56646a; } .for { font-size: 6.8pt; }
table { width: 100%; border-collapse: collapse; } td, th { padding: 4pt 5pt 3pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: bottom; text-align: left; } th { font-size: 7pt; color: #56646a; font-weight: normal; } td.l { width: 42%; } td.line { border-bottom: 0.8pt solid #1d2a31; } td.u { width: 12%; color: #56646a; } tr { page-break-inside: avoid; }
</style>
</head>
<body>
<h1>Survey</h1>
<div class="sub">{{ $site->client?->name }}, {{ $site->name }} · printed {{ now()->format('j M Y') }} · surveyed by ______________________ on ______________</div>
@foreach($rooms as $room)
<h2>Room {{ $room['name'] === '' ? '______________________' : $room['name'] }}</h2>
@foreach($room['groups'] as $title => $fields)
<h3>{{ $title }}</h3>
<table>@foreach($fields as $field)<tr><td class="l">{{ $field['label'] }} <span class="for">{{ $field['for'] }}</span></td>
@if($field['known'] !== null)<td colspan="2"><b>{{ $field['known'] }}</b> <span class="for">known; still so? ☐</span></td>
@elseif($field['choices'])<td colspan="2">@foreach($field['choices'] as $choice)☐ {{ $choice }} &nbsp; @endforeach</td>
@else<td class="line"></td><td class="u">{{ $field['unit'] }}</td>@endif</tr>@endforeach</table>
@endforeach
@endforeach
<h2>The way in, and out once everything is finished</h2>
<table><tr><th>Passage, at its narrowest</th><th>Width</th><th>Height</th><th>Corridor before</th><th>and after a turn</th><th>Finished: width</th><th>height</th><th>Lift car, deep</th></tr>
@foreach($passages as $row)<tr>@foreach($row as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach
@for($n = 0; $n < $blanks; $n++)<tr>@for($c = 0; $c < 8; $c++)<td class="line">&nbsp;</td>@endfor</tr>@endfor
</table>
<h2>Household</h2>
<table>@foreach($asks as $line => $known)<tr><td class="l">{{ $line }}</td>@if($known === null)<td class="line"></td>@else<td><b>{{ $known }}</b> <span class="for">known; still so? ☐</span></td>@endif</tr>@endforeach</table>
<h2>Photos</h2>
<p>@foreach($photos as $photo)☐ {{ $photo }} &nbsp; @endforeach</p>
<p class="sub">Measure twice, note how each number was found. Structure, electrics and fixings overhead: a licensed person looks, this sheet decides nothing.</p>
</body>
</html>

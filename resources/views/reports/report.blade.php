<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Visit report, {{ $view->place }}</title>
<style>
@page { margin: 17mm 18mm 18mm 18mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; line-height: 1.45; color: #1d2a31; }
h1 { font-size: 17pt; margin: 0; }
h2 { font-size: 11pt; margin: 13pt 0 3pt; border-bottom: 0.8pt solid #1d2a31; padding-bottom: 2pt; page-break-after: avoid; }
h3 { font-size: 9pt; margin: 7pt 0 1pt; color: #1f6168; page-break-after: avoid; }
p { margin: 2pt 0; } ul { margin: 1pt 0 3pt; padding-left: 13pt; } li { margin: 1pt 0; }
.sub { color: #56646a; margin: 1pt 0 8pt; }
table { width: 100%; border-collapse: collapse; }
td { padding: 2.4pt 6pt 2.4pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; }
td.n { text-align: right; font-weight: bold; white-space: nowrap; width: 24%; }
.know { border-left: 2.4pt solid #c8452d; padding: 1pt 0 1pt 7pt; margin: 3pt 0; page-break-inside: avoid; }
.box { border: 0.8pt solid #1d2a31; padding: 6pt 8pt; margin-top: 10pt; page-break-inside: avoid; }
.note { background: #f5f0e4; padding: 5pt 8pt; margin: 4pt 0; page-break-inside: avoid; }
.small { color: #56646a; font-size: 7.6pt; }
</style>
</head>
<body>
<h1>Visit report</h1>
<div class="sub">{{ $view->client }}, {{ $view->place }} · {{ $view->date }}, {{ $view->from }} to {{ $view->to }} · {{ $view->by }}@if($view->sentOn === null) · draft, not sent @endif</div>
@foreach($view->notes as $note)
<div class="note"><b>Correction of {{ \Carbon\CarbonImmutable::parse($note['on'])->format('j M Y') }}.</b> {{ $note['text'] }} <span class="small">{{ $note['by'] }}</span></div>
@endforeach
@if($view->words)<p>{{ $view->words }}</p>@endif
@if($picture)
<p><img src="{{ $picture }}" alt="{{ $drawn ? 'Section through your system, to scale' : 'Photo of the visit' }}" style="width: {{ $ratio > 0.45 ? round(78 / $ratio) : 174 }}mm; height: {{ $ratio > 0.45 ? 78 : round(174 * $ratio) }}mm;"></p>
@if($view->photoCaption && ! $drawn)<p class="small">{{ $view->photoCaption }}</p>@endif
@endif
@foreach($view->systems as $system)
<h2>{{ $system->name }}</h2>
@if($system->done)<h3>Done</h3><ul>@foreach($system->done as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@if($system->readings)<h3>Measured</h3><table>@foreach($system->readings as $r)<tr><td>{{ $r->label }}</td><td class="n">{{ $r->value }}</td><td>{{ $r->words }}</td></tr>@endforeach</table>@endif
@if($system->seen)<h3>Seen</h3><ul>@foreach($system->seen as $line)<li>{{ ucfirst($line) }}</li>@endforeach</ul>@endif
@if($system->notDone)<h3>Not done</h3><ul>@foreach($system->notDone as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@foreach($system->know as $line)<div class="know">{{ $line }}</div>@endforeach
@endforeach
@if($view->parts)<h2>Used</h2><p>{{ implode(', ', $view->parts) }}</p>@endif
@if($view->recommendations)
<h2>We recommend</h2>
<table>@foreach($view->recommendations as $r)<tr><td>{{ $r->text }}</td><td class="n">{{ $r->price ?? 'ask us' }}</td></tr>@endforeach</table>
@endif
<div class="box">@if($view->nextOn)<b>Next visit: {{ \Carbon\CarbonImmutable::parse($view->nextOn)->format('l j F Y') }}.</b> @else <b>Next visit: we write to you with a date.</b> @endif If fish gasp, water stands on the floor or a tank is cold to the hand: switch nothing off, ring us at any hour. Electrics: a licensed electrician.</div>
</body>
</html>

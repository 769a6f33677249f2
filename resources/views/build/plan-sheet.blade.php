<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $plan->name }}, version {{ $version->number }}</title>
<style>
@page { margin: 16mm 16mm 18mm 16mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 8.4pt; line-height: 1.4; color: #1d2a31; }
h1 { font-size: 16pt; margin: 0; font-weight: bold; }
h2 { font-size: 10pt; margin: 14pt 0 4pt; border-bottom: 0.8pt solid #1d2a31; padding-bottom: 2pt; }
.sub { color: #56646a; margin: 1pt 0 8pt; }
table { width: 100%; border-collapse: collapse; }
td { padding: 2.6pt 6pt 2.6pt 0; vertical-align: top; border-bottom: 0.4pt solid #cfc4ab; }
td.n { text-align: right; white-space: nowrap; font-weight: bold; width: 27%; }
td.k { width: 37%; }
.small { color: #56646a; font-size: 7.4pt; }
.f { page-break-inside: avoid; border-bottom: 0.4pt solid #cfc4ab; padding: 4pt 0; }
.w { font-weight: bold; }
.stop { color: #8f1d1d; } .fix { color: #a8331f; } .watch { color: #7a5000; } .fine { color: #3a6a46; }
.box { border: 0.8pt solid #1d2a31; padding: 5pt 7pt; margin-top: 8pt; page-break-inside: avoid; }
</style>
</head>
<body>
<h1>{{ $plan->name }}</h1>
<div class="sub">{{ $site?->client?->name }}, {{ $site?->name }} · version {{ $version->number }} of {{ $version->created_at->format('j M Y') }} @if($version->accepted_at) · accepted {{ $version->accepted_at->format('j M Y') }}@else · not accepted yet @endif · {{ $forClient ? 'client edition' : 'internal edition' }} · arithmetic {{ $arithmetic }}@if($how === 'recomputed'), computed anew: nothing whole was kept at acceptance @elseif($how === 'unreadable'), today’s: what was kept cannot be read any more @endif</div>
@if($drawing)
<img src="{{ $drawing }}" alt="Section through the system, to scale" style="width: {{ $ratio > 0.66 ? round(118 / $ratio) : 178 }}mm; height: {{ $ratio > 0.66 ? 118 : round(178 * $ratio) }}mm;">
@endif
<h2>What was computed</h2>
<table>
@foreach($answers->figures as $figure)
<tr>
<td class="k">{{ $figure->label }}</td>
<td class="n">@if($figure->quantity){{ $units->show($figure->quantity) }}@elseif($figure->word){{ $figure->word }}@else <span class="small">waits for facts</span> @endif</td>
<td class="small">{{ $figure->note?->in($units) }}@if($figure->needs) needs: {{ implode(', ', array_map([\App\House\Views\FigureView::class, 'fieldLabel'], $figure->needs)) }}@elseif(! $forClient) {{ $figure->note ? '·' : '' }} rests on: {{ \App\House\Views\FigureView::grounds($figure->grounds) }}@endif</td>
</tr>
@endforeach
</table>
<h2>{{ $forClient ? 'Open points you should know' : 'Findings' }}</h2>
@forelse($findings as $finding)
<div class="f"><span class="w {{ $finding->severity->value }}">{{ ['stop' => '■', 'fix' => '◪', 'watch' => '□', 'fine' => '✓'][$finding->severity->value] }} {{ $finding->severity->word() }}</span> <b>{{ $finding->what->in($units) }}</b><br>{{ $finding->why->in($units) }}@if($finding->remedy) {{ $finding->remedy->in($units) }}@endif <span class="small">{{ $finding->rule }}</span></div>
@empty
<p>No open points.</p>
@endforelse
@if($version->waivers->isNotEmpty())
<h2>Waived, or cleared by a document</h2>
@foreach($version->waivers as $waiver)
<div class="f"><b>{{ $waiver->what }}</b> <span class="small">{{ $waiver->rule }}</span><br>{{ $waiver->kind === 'document' ? 'Document on file' : 'Waived' }}: {{ $waiver->reason }} – {{ $waiver->signed_by }}, {{ $waiver->signed_on->format('j M Y') }}</div>
@endforeach
@endif
<div class="box"><b>Confirm locally.</b> Floor and walls: a structural engineer and the local code decide. Electrics: a licensed electrician, with residual-current protection on all wet gear. Glass: the maker’s word in writing. These sheets compute and warn; they approve nothing.</div>
</body>
</html>

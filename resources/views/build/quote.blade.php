<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Quote, {{ $version->plan->name }}</title>
<style>
@page { margin: 17mm 18mm 18mm 18mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 8.8pt; line-height: 1.4; color: #1d2a31; }
h1 { font-size: 17pt; margin: 0; } h2 { font-size: 11pt; margin: 12pt 0 3pt; border-bottom: 0.8pt solid #1d2a31; padding-bottom: 2pt; }
.sub { color: #56646a; margin: 1pt 0 8pt; }
table { width: 100%; border-collapse: collapse; } td, th { padding: 3pt 6pt 3pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; text-align: left; } td.n, th.n { text-align: right; white-space: nowrap; padding-right: 0; padding-left: 8pt; } tr.sum td { border-top: 0.8pt solid #1d2a31; font-weight: bold; }
.small { color: #56646a; font-size: 7.4pt; } .box { border: 0.8pt solid #1d2a31; padding: 5pt 7pt; margin-top: 9pt; page-break-inside: avoid; }
</style>
</head>
<body>
<h1>Quote</h1>
<div class="sub">{{ $version->plan->name }}, version {{ $version->number }} · {{ $version->plan->site?->client?->name }}, {{ $version->plan->site?->name }} · {{ now()->format('j M Y') }}</div>
@if($drawing)<img src="{{ $drawing }}" alt="Section through the system, to scale" style="width: {{ $ratio > 0.5 ? round(80 / $ratio) : 160 }}mm; height: {{ $ratio > 0.5 ? 80 : round(160 * $ratio) }}mm;">@endif
@if($phases)<h2>Built in phases</h2>
<table><tr><th>Purchase</th><th class="n">Phase</th><th class="n">Of no use from</th><th class="n">Price</th></tr>
@foreach($phases as $row)<tr><td>{{ $row->called('purchase') }}</td><td class="n">{{ (int) $row->number('phase') }}</td><td class="n">{{ $row->numberOr('until') === null ? '' : 'phase '.(int) $row->numberOr('until') }}</td><td class="n">{{ $row->numberOr('price') === null ? '' : $currency.' '.number_format($row->numberOr('price'), 2) }}</td></tr>@endforeach
</table>@endif
@if($version->risks->isNotEmpty())<h2>Declined, put off or handed over unfinished</h2>
@foreach($version->risks as $risk)<p>▸ {{ $risk->words() }}; looked at again on {{ $risk->review_on->format('j M Y') }} <span class="small">signed by {{ $risk->signed_by }}, {{ $risk->signed_on->format('j M Y') }}</span></p>@endforeach @endif
@foreach([['What it takes', $quote, 'To pay'], ['A year of running', $year, 'A year']] as [$title, $list, $sum])
<h2>{{ $title }}</h2>
<table>
<tr><th>What</th><th class="n">Quantity</th><th class="n">Each</th><th class="n">Price</th></tr>
@foreach($list->lines as $line)
<tr><td>{{ $line['label'] }} <span class="small">{{ $line['note'] }}</span></td><td class="n">{{ $line['quantity'] }}</td><td class="n">{{ $line['each'] ?? '' }}</td><td class="n">{{ $line['price'] ?? 'to be named' }}</td></tr>
@endforeach
<tr class="sum"><td colspan="3">Together</td><td class="n">{{ $list->net }}</td></tr>
<tr><td colspan="3">Tax, {{ $list->taxPct }}</td><td class="n">{{ $list->tax }}</td></tr>
<tr class="sum"><td colspan="3">{{ $sum }}</td><td class="n">{{ $list->total }}</td></tr>
</table>
@if($list->stages)<h2>By stage</h2>
<table><tr><th>Stage, and what must be there</th><th class="n">Hours of one person</th><th class="n">Without tax</th></tr>
@foreach($list->stages as $row)<tr><td>{{ $row['label'] }} <span class="small">{{ $row['things'] }}</span></td><td class="n">{{ $row['hours'] }}</td><td class="n">{{ $row['money'] }}</td></tr>@endforeach
<tr class="sum"><td colspan="2">Together</td><td class="n">{{ $list->net }}</td></tr></table>@endif
@if($list->unpriced)<p class="small">{{ $list->unpriced }} {{ $list->unpriced === 1 ? 'line has' : 'lines have' }} no price yet and {{ $list->unpriced === 1 ? 'is' : 'are' }} not in the sum.</p>@endif
@if($list->waits)<p class="small">Not counted yet: @foreach($list->waits as $what => $needs){{ $what }} (needs {{ $needs }})@if(! $loop->last); @endif @endforeach.</p>@endif
@endforeach
<div class="box"><b>Confirm locally.</b> @if($stops){{ $stops }} Stop{{ $stops === 1 ? '' : 's' }} stand{{ $stops === 1 ? 's' : '' }} against this version: nothing is ordered before they are cleared. @endif Floor and walls: a structural engineer and the local code decide. Electrics: a licensed electrician. Fixings over water and people: a competent person on site.</div>
</body>
</html>

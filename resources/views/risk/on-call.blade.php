<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Hours in hand</title>
<style>
@page { margin: 14mm 14mm 16mm 14mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 8pt; line-height: 1.3; color: #1d2a31; }
h1 { font-size: 15pt; margin: 0; } .sub, small { color: #56646a; }
table { width: 100%; border-collapse: collapse; margin-top: 8pt; } td, th { padding: 4pt 6pt 4pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; text-align: left; } th { font-size: 7pt; color: #56646a; font-weight: normal; } tr { page-break-inside: avoid; }
.many { border: 0.8pt solid #1d2a31; padding: 4pt 6pt; margin-top: 6pt; }
</style>
</head>
<body>
<h1>Hours in hand: {{ strtolower($asked->night->label()) }}</h1>
<div class="sub">{{ $asked->fault === null ? 'the shortest fault of each system' : strtolower($asked->fault->label()) }}{{ $asked->canAct ? ', where somebody could still act' : '' }} · printed {{ now()->format('j M Y H:i') }} UTC · it ages with every change of record: print it again each week</div>
@foreach($groups as $group)
<div class="many"><b>{{ $group->words }}:</b> {{ $group->lacks }}.</div>
@endforeach
<table>
<tr><th style="width: 26%">System</th><th style="width: 40%">What would happen</th><th>Ring, in this order</th></tr>
@foreach($lines as $line)
<tr><td><b>{{ $line->name }}</b><br>{{ $line->where }}<br><small>{{ $line->ring?->key }}</small></td><td><b>{{ $line->words }}</b><br>{{ $line->why }} {{ $line->remedy }}</td><td>@foreach($line->ring?->people ?? [] as $person){{ $person['name'] }}, {{ $person['what'] }}: <b>{{ $person['phone'] ?? 'no number' }}</b><br>@endforeach</td></tr>
@endforeach
</table>
@if(count($lines) >= $most)<p>The first {{ $most }} systems. Filter by fault for the others.</p>@endif
<p class="sub">Water on the floor and electricity: nobody steps in before the circuit is dead. Generators stand outdoors only.</p>
</body>
</html>

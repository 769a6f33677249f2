<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>By hand</title>
<style>
@page { margin: 14mm 14mm 16mm 14mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; line-height: 1.35; color: #1d2a31; }
h1 { font-size: 15pt; margin: 0; } .sub { color: #56646a; }
table { width: 100%; border-collapse: collapse; margin-top: 8pt; } td, th { padding: 5pt 6pt 5pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; text-align: left; } th { font-size: 7pt; color: #56646a; font-weight: normal; } tr { page-break-inside: avoid; }
.first { border: 1pt solid #8f1d1d; padding: 5pt 8pt; margin-top: 8pt; }
.plug { font-size: 13pt; font-weight: bold; }
</style>
</head>
<body>
<h1>By hand: {{ $controller->name }}, {{ $controller->site?->name }}</h1>
<div class="sub">When the controller is dead or cannot be trusted · printed {{ now()->format('j M Y H:i') }} UTC · print it again when a new version runs</div>
<div class="first"><b>First.</b> Where water can reach sockets, strips or you: the breaker of the wet gear off, from a dry place. Nobody touches wet gear before that. Then outlet by outlet, from the top.</div>
<table>
<tr><th style="width: 10%">Plug</th><th style="width: 26%">What hangs there</th><th style="width: 28%">What the controller did</th><th>By hand</th></tr>
@foreach($lines as $line)
<tr><td class="plug">{{ $line['plug'] }}</td><td><b>{{ $line['place'] }}</b><br>{{ $line['load'] }}</td><td>{{ $line['does'] }}</td><td>{{ $line['byHand'] }}</td></tr>
@endforeach
</table>
<p class="sub">Write down what you changed and when. Whoever brings the controller back reads this sheet first, and asks the office which version was to run.</p>
</body>
</html>

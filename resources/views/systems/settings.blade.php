<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Settings</title>
<style>
@page { margin: 14mm 14mm 16mm 14mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; line-height: 1.35; color: #1d2a31; }
h1 { font-size: 15pt; margin: 0; } .sub { color: #56646a; }
table { width: 100%; border-collapse: collapse; margin-top: 8pt; } td, th { padding: 5pt 6pt 5pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; text-align: left; } th { font-size: 7pt; color: #56646a; font-weight: normal; } tr { page-break-inside: avoid; }
.tick { width: 12pt; height: 12pt; border: 0.8pt solid #1d2a31; display: inline-block; }
</style>
</head>
<body>
<h1>To put it back as it was: {{ $system->name }}</h1>
<div class="sub">printed {{ now()->format('j M Y H:i') }} UTC · before anything is unplugged, read off what is set now and write down what differs</div>
<p><b>First the clock</b> of each device, then its programme, then what stands here. Tick what you have read back.</p>
<table>
<tr><th style="width: 5%"></th><th style="width: 28%">Device, plug</th><th style="width: 22%">Setting</th><th style="width: 22%">Set to</th><th>Since, by, why</th></tr>
@foreach($settings as $s)
<tr><td><span class="tick"></span></td><td><b>{{ $s->item }}</b><br>{{ $s->plug }}</td><td>{{ $s->name }}</td><td><b>{{ $s->value }}</b></td><td>{{ \Carbon\CarbonImmutable::parse($s->on)->format('j M Y') }}, {{ $s->by }}<br>{{ $s->why }}</td></tr>
@endforeach
</table>
@if(count($settings) === 0)<p>Nothing is written down yet. Go from device to device and do it now.</p>@endif
</body>
</html>

<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>What makes it safer</title>
<style>
@page { margin: 16mm 16mm 18mm 16mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; line-height: 1.35; color: #1d2a31; }
h1 { font-size: 16pt; margin: 0; } h2 { font-size: 11pt; margin: 12pt 0 4pt; } .sub, small { color: #56646a; }
table { width: 100%; border-collapse: collapse; } td, th { padding: 4pt 6pt 4pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; text-align: left; } th { font-weight: normal; color: #56646a; font-size: 7.5pt; }
.num { text-align: right; white-space: nowrap; } .first { border: 0.8pt solid #1d2a31; padding: 6pt 8pt; margin-top: 8pt; } .sign { margin-top: 18pt; border-top: 0.4pt solid #1d2a31; padding-top: 3pt; width: 60%; }
</style>
</head>
<body>
<h1>What makes {{ $system->name }} safer</h1>
<div class="sub">{{ $system->site?->client?->name }}, {{ $system->site?->name }} · {{ now()->format('j M Y') }}</div>
@if($open !== [])
<div class="first"><b>First, and outside every budget:</b>
@foreach($open as $hazard)<br>{{ $hazard->label() }}. {{ $hazard->asks() }}. {{ $hazard->whoSays() }}@endforeach
</div>
@endif
<h2>Now</h2>
<table>
<tr><th>What</th><th class="num">Once</th><th class="num">Expected loss a year, less by</th></tr>
@forelse($now as $measure)
<tr><td>{{ $measure->label }}@if($measure->upkeepMin > 0)<br><small>asks {{ round($measure->upkeepMin) }} minutes a year of whoever keeps it going</small>@endif</td><td class="num">{{ $measure->price }}</td><td class="num">{{ $measure->savesShown ?? '' }}</td></tr>
@empty
<tr><td colspan="3">Nothing within this budget lowers the loss by more than it costs to keep going.</td></tr>
@endforelse
<tr><td><b>Together</b></td><td class="num"><b>{{ $cost }}</b></td><td></td></tr>
</table>
@if($later->isNotEmpty())
<h2>Later, with the risk accepted meanwhile</h2>
<table>
<tr><th>What</th><th class="num">Once</th><th class="num">Expected loss a year meanwhile</th><th>Until</th></tr>
@foreach($later as $measure)
<tr><td>{{ $measure->label }}</td><td class="num">{{ $measure->price ?? 'on request' }}</td><td class="num">{{ $measure->savesShown ?? '' }}</td><td>................</td></tr>
@endforeach
</table>
<p>I have read what is put off, and accept the risk until the dates above.</p>
<div class="sign">Place, date, name, signature</div>
@endif
<p class="sub">Expected loss is a long-run average: most years nothing happens, some years much does. It rests on rates the company has set or confirmed, on what is written down of this system, and on values stated by the owner. It is no promise, and no approval of anything electrical or structural: licensed persons decide that, under local codes.</p>
</body>
</html>

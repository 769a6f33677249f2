<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>To order</title>
<style>
@page { margin: 16mm 16mm 18mm 16mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; line-height: 1.35; color: #1d2a31; }
h1 { font-size: 16pt; margin: 0; } h2 { font-size: 11pt; margin: 12pt 0 4pt; } .sub, small { color: #56646a; }
table { width: 100%; border-collapse: collapse; } td, th { padding: 4pt 6pt 4pt 0; border-bottom: 0.4pt solid #cfc4ab; vertical-align: top; text-align: left; } th { font-weight: normal; color: #56646a; font-size: 7.5pt; }
.num { text-align: right; white-space: nowrap; } .box { width: 5mm; }
</style>
</head>
<body>
<h1>To order</h1>
<div class="sub">{{ $on }} · what must lie there for the fleet, less what is there and good, in whole packs</div>
@forelse($bySupplier as $supplier => $rows)
<h2>{{ $supplier === '' ? 'Nobody named who has it' : $supplier }}</h2>
<table>
<tr><th class="box"></th><th>Part</th><th class="num">Order</th><th class="num">There</th><th class="num">Least</th><th>Why</th></tr>
@foreach($rows as [$part, , $there, $least, $order, $pack, $unit, $why])
<tr><td class="box">☐</td><td>{{ $part }}</td><td class="num"><b>{{ $order }} {{ $unit }}</b>@if($pack > 1)<br><small>packs of {{ $pack }}</small>@endif</td><td class="num">{{ $there }}</td><td class="num">{{ $least }}</td><td>{{ $why }}</td></tr>
@endforeach
</table>
@empty
<p>Nothing is wanted: everything that must lie there lies there.</p>
@endforelse
</body>
</html>

<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Drilling template, {{ $version->plan->name }}</title>
<style>
@page { margin: 14mm 18mm 12mm 18mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 8.4pt; line-height: 1.35; color: #1d2a31; margin: 0; }
h1 { font-size: 12pt; margin: 0; } p { margin: 1pt 0; } .small { color: #56646a; font-size: 7.2pt; }
.sheet { page-break-after: always; } .sheet.last { page-break-after: auto; }
img { display: block; } .drawing { width: {{ App\Build\HoleTemplate::SHEET_WIDTH_MM }}mm; height: {{ App\Build\HoleTemplate::SHEET_HEIGHT_MM }}mm; } .ruler { width: 102mm; height: 8mm; margin-top: 2mm; }
</style>
</head>
<body>
@foreach($sheets as $n => $sheet)
<div class="sheet{{ $loop->last ? ' last' : '' }}">
<h1>{{ $sheet['pane'] }}</h1>
<p class="small">{{ $version->plan->name }}, version {{ $version->number }} · {{ $version->plan->site?->client?->name }}, {{ $version->plan->site?->name }} · {{ now()->format('j M Y') }} · sheet {{ $n + 1 }} of {{ count($sheets) }}</p>
@foreach($sheet['holes'] as $words)<p>{{ $words }}</p>@endforeach
@unless($sheet['whole'])<p><b>A hole is larger than this paper: print it elsewhere or scribe it from the centre.</b></p>@endunless
<img class="ruler" src="{{ $ruler }}" alt="A ruler of 100 mm">
<p class="small">Print at 100 %, then measure this ruler: it must be 100 mm, or the print is no template. Thick lines are edges of the pane. Try the pane for toughening before drilling; water, eye protection and gloves at the drill; whoever drills answers for the pane.</p>
<img class="drawing" src="{{ $sheet['image'] }}" alt="Holes at full size">
</div>
@endforeach
</body>
</html>

<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Record of an installation</title>
<style>body { font-family: 'DejaVu Sans', sans-serif; font-size: 10pt; } h1 { font-size: 14pt; }</style></head>
<body><h1>Record of an installation</h1><p>{{ $on }}. Six outlets above the water line on two circuits, each behind residual-current protection, tried and found in order. Made up for a demonstration.</p></body></html>

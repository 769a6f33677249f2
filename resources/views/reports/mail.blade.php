{{-- Plain text, so nothing is escaped. --}}
{!! $view->place !!}, {!! $view->date !!}, {!! $view->from !!} to {!! $view->to !!}, {!! $view->by !!}

@if($view->words){!! $view->words !!}

@endif
@foreach($view->systems as $system)
{!! mb_strtoupper($system->name) !!}
@foreach($system->done as $line)
  Done: {!! $line !!}
@endforeach
@foreach($system->readings as $reading)
  {!! $reading->label !!}: {!! $reading->value !!}{!! $reading->words === '' ? '' : ", {$reading->words}" !!}
@endforeach
@foreach($system->seen as $line)
  Seen: {!! $line !!}
@endforeach
@foreach($system->notDone as $line)
  Not done. {!! $line !!}
@endforeach
@foreach($system->know as $line)
  Good to know: {!! $line !!}
@endforeach

@endforeach
@foreach($view->recommendations as $r)
We recommend: {!! $r->text !!}{!! $r->price === null ? '' : " ({$r->price})" !!}
@endforeach
@if($view->nextOn)
Next visit: {!! \Carbon\CarbonImmutable::parse($view->nextOn)->format('l j F Y') !!}
@endif

The whole report: {!! $link !!}

{{-- The rows of a ladder, a family at a time. --}}
<svg class="no-size" aria-hidden="true">@include('wall.patterns')</svg>
<div class="rungs">
{!! $rungs->drawn('students.rung-family', ['attackIds' => $attackIds]) !!}
</div>
<div class="legend">
@foreach (['holds' => 15, 'building' => 9, 'failing' => 9, 'faded' => 9, 'goal untried' => 0] as $state => $fill)
    <span><svg aria-hidden="true"><g class="brick {{ $state }}"><rect class="rim" x="1" y="1" width="20" height="13"/><rect
        class="fill" x="2" y="2" width="{{ $fill }}" height="11"/></g></svg>{{ __('students.ladder.legend.'.$state) }}</span>
@endforeach
</div>

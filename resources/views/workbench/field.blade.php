@php($picture = $field->picture)
<form class="search-row" hx-get="{{ url()->current() }}" hx-include="#bench-settings" hx-target="#field-here" hx-trigger="change, submit">
    <label>{{ __('floor.beat') }} <select class="form-select form-select-sm" name="beat">
        @foreach ($field->beats as $number => $text)<option value="{{ $number }}" @selected($field->isAt($number))>{{ $number }}
            {{ $text }}</option>@endforeach
    </select></label>
    <label>{{ __('floor.field.strike') }} <input class="form-control form-control-sm" name="strike" value="{{ $field->strike }}"></label>
    <x-button size="sm">{{ __('beside.show') }}</x-button>
</form>
@include('workbench.field-drawing', ['picture' => $field->picture, 'label' => __('floor.field.label')])
<p class="form-text">{{ __('floor.field.key') }} <a href="{{ $svg }}" download>{{ __('words.save-svg') }}</a></p>
@if ($picture->best !== [])<ol>@foreach ($picture->best as $mark)<li>{{ $mark['label'] }}</li>@endforeach</ol>@endif
<ul class="form-text">@foreach ($field->shares() as $row)<li>{{ $row['what'] }}: {{ $row['share'] }}</li>@endforeach</ul>

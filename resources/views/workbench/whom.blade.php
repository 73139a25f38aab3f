<p class="form-text">{{ __('floor.whom.help') }}</p>
@foreach (['rows' => $table->rows, 'students' => $table->students] as $part => $rows)
@if ($rows !== [])
@if ($part === 'students')<details><summary>{{ __('floor.whom.students') }}</summary>@endif
<div class="table-wide">
<table class="table table-sm whom-table">
<thead><tr><th scope="col">{{ __('floor.whom.defender') }}</th>
    @foreach ($table->sizes as $name => $metres)<th scope="col">{{ $name }}<br>
        <small>{{ __('floor.whom.metres', ['metres' => number_format($metres, 2)]) }}</small></th>@endforeach</tr></thead>
<tbody>@foreach ($rows as $row)@include('workbench.whom-row')@endforeach</tbody>
</table>
</div>
@if ($part === 'students')</details>@endif
@endif
@endforeach

@if ($form->error)
<h2 id="rows-title" class="mt-0">{{ __('lists.nothing-yet') }}</h2>
<p class="flash flash-error">{{ $form->error }}</p>
@elseif (! $form->rows)
<h2 id="rows-title" class="mt-0">{{ __('lists.nothing-yet') }}</h2>
<p>{{ __('lists.no-such-attack') }}</p>
@elseif ($form->rows->rows === [])
<h2 id="rows-title" class="mt-0">{{ __('lists.nothing-left') }}</h2>
<p>{{ __('lists.nothing-left-help') }}</p>
@else
<h2 id="rows-title" class="mt-0">{{ $form->summary() }}</h2>
@if ($form->isShort())<p class="form-text">{{ __('lists.more', ['needed' => $form->rows->needed(0.8),
    'all' => count($form->rows->rows)]) }}</p>@endif
@if ($form->rows->infeasible)<p class="form-text">{{ trans_choice('lists.infeasible',
    $form->rows->infeasible, ['count' => number_format($form->rows->infeasible)]) }}</p>@endif
<form method="post" action="{{ route('drill-lists.store') }}" class="search-row my-2">
    @csrf
    @foreach ($form->chosen as $family)<input type="hidden" name="families[]" value="{{ $family->value }}">@endforeach
    @foreach ($form->facets as $facet)<input type="hidden" name="facets[]" value="{{ $facet->value }}">@endforeach
    <x-hidden :values="['values' => $form->onlyUsed ? 'used' : 'all', 'forbid' => $form->forbid, 'seed' => $form->seed,
        'most' => $form->most]"/>
    <x-field name="name" id="list-name" class="wide" :label="__('lists.save-as')">
        <x-input name="name" id="list-name" :value="old('name')" required maxlength="200"/>
    </x-field>
    <x-button kind="primary">{{ __('words.save') }}</x-button>
</form>
<x-table :head="array_values(texts('lists.row-columns'))">
    @foreach ($form->listed() as $row)
        <tr>
            <td>{{ $loop->iteration }}</td>
            <th scope="row"><a href="{{ route('attacks.show',
                $attacks[$row->attack]) }}">{{ $attacks[$row->attack]->title }}</a>{{ $form->side($row->side) }}</th>
            <td>{{ $form->differences($row->differences) }}</td>
        </tr>
    @endforeach
</x-table>
@endif

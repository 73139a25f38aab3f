<x-beginning :step="App\Models\SetupStep::School" :$school :lead="__('beginning.school.lead')">
<form method="post" action="{{ route('beginning.school') }}" class="slab">
    @csrf
    @method('put')
    @include('beginning.fields')
    <x-step-buttons :step="App\Models\SetupStep::School"/>
</form>
</x-beginning>

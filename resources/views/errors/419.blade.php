<x-message name="419"/>

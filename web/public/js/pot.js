import { live } from "kettle/live.js";
import "kettle/drag.js";
import "kettle/bench.js";

live(document.getElementById("plan"));

package bathyra.draft;
import bathyra.garment.*; import bathyra.measure.*; import bathyra.truing.*; import java.util.*;
class Survey {
  public static void main(String[] a){
    print(Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier().withUpperEdge(UpperShape.SWEETHEART))));
    Map<String,Integer> count=new TreeMap<>(); Map<String,Double> worst=new TreeMap<>(); int n=0;
    Random r=new Random(7);
    for(int i=0;i<2000;i++){ MeasurementSet s=Bodies.random(r);
      for(UpperShape u:UpperShape.values()) for(LowerShape l:LowerShape.values()) for(UnderbustSchool sc:UnderbustSchool.values()){ n++;
        Outcome o;
        try { o=Drafter.draft(Bodies.commission(s, Garment.bustier().withUpperEdge(u).withLowerEdge(l).withSchool(sc))); }
        catch(RuntimeException e){ count.merge("EXC "+e+" "+e.getStackTrace()[0]+e.getStackTrace()[1],1,Integer::sum); continue; }
        if(o instanceof Refusal f){ count.merge("refused "+f.reasons().get(0).id()+" "+f.reasons().get(0).subject()+" "+f.cause(),1,Integer::sum);}
        else for(Finding f:((Draft)o).findings()) if(f.status()!=Finding.Status.OK){ String k=f.status()+" "+f.id()+" "+f.subject(); count.merge(k,1,Integer::sum); worst.merge(k,f.value(), f.id().equals("curvature")?Math::min:Math::max);} 
      }}
    System.out.println(n); count.forEach((k,v)->System.out.println(v+" "+k+" "+worst.get(k)));
    long t=System.nanoTime(); Commission c=Bodies.commission(Bodies.nerea(), Garment.bustier()); for(int i=0;i<500;i++) Drafter.draft(c); System.out.println((System.nanoTime()-t)/500e3+" us");
  }
  static void print(Outcome o){ if(o instanceof Refusal r) r.reasons().forEach(f->System.out.println(f.sentence().in(LengthUnit.CM))); else { Draft d=(Draft)o; d.findings().forEach(f->System.out.printf("%-5s %-14s %-10s %.3f %s%n",f.status(),f.id(),f.subject(),f.value(),f.sentence().in(LengthUnit.CM)));
    for(var p:d.girths().levels()){ System.out.printf("%s take %.1f:",p.level(), d.intakes().toTake().get(p.level()).value()); for(var s:bathyra.intake.SeamPlace.values()) System.out.printf(" %.1f",d.intakes().at(p.level(),s).value()); System.out.println(); } } }
}
